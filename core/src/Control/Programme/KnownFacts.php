<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

/** What is known of the system a set-up drives. What is null nobody has said. */
final readonly class KnownFacts
{
    /**
     * @param  float|null  $volumeL  of the system
     * @param  float|null  $lossWK  of its walls and surface
     * @param  float|null  $coldestC  room in the coldest night
     * @param  float|null  $hottestC  room on the hottest day
     * @param  bool  $isSummer  it is one of the warm months there
     * @param  float|null  $backgroundW  heat of pumps that always run
     * @param  float|null  $lowHarmC  where cold begins to harm
     * @param  float|null  $highHarmC  where heat does
     * @param  float|null  $evaporationLd  on the worst day
     * @param  float|null  $sumpL  water in the sump
     * @param  float|null  $returnL  of that the return can take before it runs dry
     * @param  float|null  $flowLh  of the return
     * @param  float|null  $alkDkh  as last read
     * @param  float|null  $ph  as last read
     * @param  float|null  $helpMin  from a call until it is mended: heard, driven, let in, done
     * @param  bool|null  $hasClock  the controller says its clock is right; null: it has not said
     */
    public function __construct(
        public ?float $volumeL = null,
        public ?float $lossWK = null,
        public ?float $coldestC = null,
        public ?float $backgroundW = null,
        public ?float $lowHarmC = null,
        public ?float $highHarmC = null,
        public ?float $evaporationLd = null,
        public ?float $helpMin = null,
        public ?float $sumpL = null,
        public ?float $returnL = null,
        public ?float $flowLh = null,
        public ?float $alkDkh = null,
        public ?float $ph = null,
        public ?float $hottestC = null,
        public bool $isSummer = false,
        public ?bool $hasClock = null,
    ) {
    }
}
