<?php

declare(strict_types=1);

namespace App\Risk;

use App\House\Http\Asked;
use Illuminate\Http\Request;
use Velbrin\Core\Risk\Cause;
use Velbrin\Core\Risk\Hazard;

/** What somebody wants to see of the fleet: which night, one fault, only what can still be acted on, one cause. */
final readonly class FleetAsked
{
    private function __construct(
        public Night $night,
        public ?Hazard $fault,
        public bool $canAct,
        public ?Cause $cause,
    ) {
    }

    public static function of(Request $request, Night $night): self
    {
        $fault = Hazard::tryFrom(Asked::word($request, 'fault'));

        return new self($night, $fault, $request->boolean('act'), Cause::read(Asked::word($request, 'cause')));
    }
}
