<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Measure\OutOfRange;

/** One question of the plan that is answered whole or waits. */
interface Topic
{
    /** Every figure a plan can show, in reading order, with its words. */
    public const LABELS = [
        'displayGrossL' => 'Display, gross',
        'displayNetL' => 'Display, net',
        'systemL' => 'True water volume',
        'labelGap' => 'Against the label',
        'sandKg' => 'Sand',
        'saltKg' => 'Salt for the first fill',
        'turnover' => 'Turnover of the display',
        'guard' => 'Fish kept in',
        'streamTurnover' => 'Flow in the display',
        'sandMovesMs' => 'Water that moves the sand',
        'othersL' => 'Other vessels',
        'othersKg' => 'Other vessels, standing full',
        'stopsL' => 'Pumps stopping, each way',
        'othersLossW' => 'Lost in rooms of their own, coldest night',
        'otherLight1' => 'Light in the first further vessel',
        'otherLight2' => 'Light in the second further vessel',
        'otherLight3' => 'Light in the third further vessel',
        'otherLight4' => 'Light in the fourth further vessel',
        'darkDays' => 'Dark to begin with',
        'panelFactor' => 'Longest pane, safety factor',
        'massKg' => 'Whole mass, running',
        'meanKpa' => 'Mean pressure under the stand',
        'bendingKpa' => 'Same bending as a load of',
        'floorWord' => 'Floor',
        'weirHeadMm' => 'Water over the weir',
        'runningBelowRimMm' => 'Water line below the rim',
        'pumpLh' => 'The pump brings',
        'pumpSpeed' => 'Pump speed for the planned flow',
        'outletsLh' => 'Outlets bring',
        'oneOfTwoLh' => 'One of two pumps alone brings',
        'drainLh' => 'Main drain carries',
        'blockedMm' => 'Main drain blocked: water below the rim',
        'blockedFloorL' => 'Main drain blocked: on the floor',
        'drainSchools' => 'The same, by school',
        'holes' => 'Holes in the panes',
        'risersL' => 'Risers between the storeys hold',
        'drainMs' => 'Speed in the main drain',
        'sumpFloorKpa' => 'Mean pressure under the sump',
        'downL' => 'Power cut: comes down',
        'spareL' => 'Sump takes',
        'marginPct' => 'Room left over',
        'cloggedL' => 'Siphon break clogged: comes down',
        'floodL' => 'Return chamber and top-off can add',
        'dryHours' => 'Return chamber runs dry in',
        'topOffDays' => 'Top-off lasts',
        'layers' => 'Against overfilling',
        'leakL' => 'A leak loses at most',
        'trapMs' => 'Speed in the bubble trap',
        'skimmerMm' => 'Skimmer stands deep',
        'refillLh' => 'Refill with the return on, at least',
        'shutMin' => 'Refill: shut the valve after',
        'lossWinterW' => 'Heat loss, winter night',
        'lossSummerW' => 'Heat loss, summer day',
        'settlesSummerC' => 'Summer day, no heater: settles at',
        'evaporationLd' => 'Evaporation',
        'roomDampPct' => 'The room’s air',
        'dewPointC' => 'Water settles on what is colder than',
        'coolingW' => 'Cooling, hottest day',
        'parTop' => 'Light near the surface',
        'parMid' => 'Light halfway down',
        'parLow' => 'Light at the bottom',
        'lightEven' => 'Evenness halfway down',
        'dliMol' => 'Light of a day, halfway down',
        'rampMol' => 'Light of a day in the first week',
        'lightKwh' => 'Light, power in a month',
        'coralShares' => 'Area fit for',
        'hangingKg' => 'Each fixing must hold',
        'travelMm' => 'Lamps rise for work by',
        'heaters' => 'Heaters, first choice',
        'oneOffC' => 'One heater failed: winter night settles at',
        'stuckOnH' => 'One heater stuck on: harm after',
        'behindMm' => 'Gap behind the tank, left over',
        'reachMm' => 'An arm comes into the tank',
        'circuitA' => 'Each circuit carries',
        'startA' => 'At the start',
        'stripA' => 'Fullest strip carries',
        'generatorW' => 'A generator would need',
        'energyKwh' => 'Power in a month',
        'upkeepH' => 'Care of the equipment in a month',
        'access' => 'The way in',
        'ceilingSpareMm' => 'Room over the lamp',
        'sumpLiftMm' => 'Room over the sump',
        'cabinet' => 'In the cabinet',
        'cabinetWarmK' => 'The cabinet warms by',
        'board' => 'On the board',
        'cableWays' => 'Cable ways',
        'joints' => 'Plumbing',
        'penetrations' => 'Penetrations',
        'phases' => 'Phases',
    ];

    /** @return list<string> keys of the figures this topic answers */
    public function keys(): array;

    /**
     * @throws Missing
     * @throws OutOfRange
     */
    public function answer(Facts $facts): TopicAnswer;
}
