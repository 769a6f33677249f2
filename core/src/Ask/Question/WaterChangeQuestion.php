<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\PlainFinding;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Chemistry\AmmoniaJudgement;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Water\ShockCheck;
use Velbrin\Core\Water\WaterChange;
use Velbrin\Core\Water\WaterValues;

final class WaterChangeQuestion implements Question
{
    public function line(): string
    {
        return 'What one or several water changes leave (W-30, W-31)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('systemL', 'L', above: 0),
            Field::numbers('changesL', 'litres of each batch, each at most systemL'),
            Field::map('water', 'the system by parameter'),
            Field::map('fresh', 'the new water, same keys'),
        );
    }

    public function output(): array
    {
        return [
            Field::number('oldShare', 'share of the old water left'),
            Field::map('after', 'every parameter afterwards'),
            ...PlainFinding::fields(),
        ];
    }

    public function answer(Given $given): array
    {
        $change = WaterChange::of(
            $given->number('systemL'),
            $given->numbers('changesL'),
            $given->map('water'),
            $given->map('fresh'),
        );

        return [
            'oldShare' => $change->oldShare,
            'after' => (object) $change->after,
            ...PlainFinding::judged(self::judged($given, $change)),
        ];
    }

    /**
     * What the animals bear of one change (W-33), where temperature and salinity of both waters stand under those names; and the free
     * ammonia left, where total ammonia and pH do too (C-59).
     *
     * @return list<Finding>
     */
    private static function judged(Given $given, WaterChange $change): array
    {
        [$water, $fresh] = [$given->map('water'), $given->map('fresh')];
        if (! isset($water['temperature'], $water['salinity'], $fresh['temperature'], $fresh['salinity'])) {
            return [];
        }
        $tank = new WaterValues(
            $water['temperature'],
            $water['salinity'],
            $water['alkalinity'] ?? null,
            $water['ph'] ?? null,
        );
        $new = new WaterValues(
            $fresh['temperature'],
            $fresh['salinity'],
            $fresh['alkalinity'] ?? null,
            $fresh['ph'] ?? null,
        );
        $largest = max([0.0, ...$given->numbers('changesL')]) / $given->number('systemL');
        $findings =
            $largest > 0
                ? ShockCheck::of($largest, $tank, $new, ammoniaEmergency: isset($water['ammonia']))->findings
                : [];
        $after = $change->after;
        if (isset($after['ammonia'])) {
            $ph = isset($after['ph']) ? max($water['ph'], $fresh['ph']) : null;
            $findings[] = AmmoniaJudgement::of(
                $after['ammonia'],
                $ph,
                $after['temperature'],
                $after['salinity'],
                $after['temperature'],
                $after['salinity'],
            )->finding;
        }

        return Finding::sorted($findings);
    }
}
