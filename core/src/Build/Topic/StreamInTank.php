<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\DisplayTank;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Working;

/** Does the water in the display move as its animals want it (B-60)? */
final class StreamInTank implements Topic
{
    /** Times an hour, by what is kept: least and most. */
    public const RANGES = ['soft' => [10.0, 20.0], 'mixed' => [20.0, 40.0], 'stony' => [40.0, 80.0]];

    public function keys(): array
    {
        return ['streamTurnover'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $facts->need(F::StreamLh);
        $net = DisplayTank::of($facts)->volume($facts)->netL;
        $times = Quantity::of($facts->number(F::StreamLh) / $net, Kind::Turnover);
        [$least, $most] = self::RANGES[$facts->word(F::Livestock)];
        $parts = ['times' => $times, 'least' => Quantity::of($least, Kind::Turnover), 'most' => Quantity::of($most, Kind::Turnover), 'kept' => $facts->word(F::Livestock)];
        $figure = Figure::number('streamTurnover', $times, Sentence::of('{kept} corals like {least} to {most}', $parts), $facts->basis(),
            Working::of(Topic::LABELS['streamTurnover'], 'q/V', [$facts->row('q', F::StreamLh), ['V', 'Display, net', $net, Kind::Volume]], $times, 'B-60'));

        return new TopicAnswer([$figure], [match (true) {
            $times->value < $least => Finding::of(Severity::Watch, 'B-60', 'flow', Sentence::of('Little flow: {times}', $parts), Sentence::of('For {kept} corals {least} to {most} are usual: waste settles and the far end starves.', $parts), Sentence::of('Another pump at the other end; both ends alike.'), $facts->basis(), 'streamTurnover'),
            $times->value > $most => Finding::of(Severity::Watch, 'B-60', 'flow', Sentence::of('Much flow: {times}', $parts), Sentence::of('For {kept} corals {least} to {most} are usual: soft flesh is blown shut.', $parts), Sentence::of('Turn pumps down, or aim them at the surface.'), $facts->basis(), 'streamTurnover'),
            default => Finding::of(Severity::Fine, 'B-60', 'flow', Sentence::of('Flow of {times}', $parts), Sentence::of('Usual for {kept} corals. Set the pumps against each other, one across the surface, one along the bottom.', $parts), null, $facts->basis(), 'streamTurnover'),
        }]);
    }
}
