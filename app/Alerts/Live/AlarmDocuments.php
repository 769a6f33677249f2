<?php

declare(strict_types=1);

namespace App\Alerts\Live;

use App\Alerts\Alarm;
use App\Alerts\AlarmsOfController;
use App\Control\Controller;
use Velbrin\Core\Control\Programme\AlarmOf;
use Velbrin\Core\Control\Programme\SetupReader;
use Velbrin\Core\Measure\OutOfRange;

/** Alarms as the core reads them. */
final class AlarmDocuments
{
    /**
     * @param  list<Alarm>  $alarms
     * @return array<int, AlarmOf> by alarm; one that cannot be read is left out
     */
    public function read(Controller $controller, array $alarms): array
    {
        $read = [];
        foreach ($alarms as $alarm) {
            try {
                $read[$alarm->id] = SetupReader::alarmOf(AlarmsOfController::document($alarm, $controller));
            } catch (OutOfRange) {
                // Nobody has said what it watches, or at which limit: the risk page asks for it.
                continue;
            }
        }

        return $read;
    }
}
