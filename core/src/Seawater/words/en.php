<?php

declare(strict_types=1);

/** English, by code: ICU messages whose parts keep their names in every language. */
return [
    'a-raw-conductivity-of-sea-water' => 'a raw conductivity of sea water between salinity 2 and 42',
    'a-reading-of-water-between0' => 'a reading of water between 0 and 42 g/kg at this temperature',
    'a-reading-of-water-between0-and' => 'a reading of water between 0 and 42 g/kg',
    'conductivity-ms-cm-gives-salinity-at-c' => 'conductivityMsCm gives salinity {salinity} at {tempC}; the scale holds for 2 to 42',
];
