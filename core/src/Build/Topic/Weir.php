<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\Overflow;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Hydraulics\WeirHead;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Working;

/** Water over the weir and the running level (B-21). */
final class Weir implements Topic
{
    public function keys(): array
    {
        return ['weirHeadMm', 'runningBelowRimMm'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $weir = Overflow::of($facts);
        $head = Quantity::of($weir->headMm, Kind::Length);
        $below = Quantity::of($weir->runningBelowRimMm, Kind::Length);
        $parts = ['head' => $head, 'flow' => Quantity::of($facts->number(F::FlowLh), Kind::Flow), 'below' => $below];
        // The head is the root of the weir formula: at the root, (Q/(k·b_eff))^(2/3) gives the head back.
        $working = $weir->gapsMm === null
            ? Working::of('Water over the weir', '1000*(Q/3600000/(1.84*(L/1000 - 0.2*h/1000)))**(2/3)', [
                $facts->row('Q', F::FlowLh), $facts->row('L', F::WeirLengthMm), ['h', 'The head itself, found by trial', $weir->headMm, Kind::Length],
            ], $head, 'B-21: Francis, Q = 1.84·(L − 0.2·h)·h^1.5, plain edge with two end contractions')
            : Working::of('Water over the weir', '1000*(Q/3600000/(1.75*g/1000))**(2/3)', [
                $facts->row('Q', F::FlowLh), $facts->row('g', F::WeirGapsMm),
            ], $head, 'B-21: teeth, Q = 1.75·Σgaps·h^1.5 (Kindsvater–Carter)');
        $rough = $weir->gapsMm === null && $weir->headMm > WeirHead::ROUGH_BELOW_MM ? '' : ' The formula is good to about 10 % at this depth.';

        return new TopicAnswer([
            Figure::number('weirHeadMm', $head, Sentence::of('{flow} over the edge', $parts), $facts->basis(), $working),
            Figure::number('runningBelowRimMm', $below, null, $facts->basis(), Working::of('Water line below the rim', 'e - h', [$facts->row('e', F::WeirBelowRimMm), ['h', 'Water over the weir', $weir->headMm, Kind::Length]], $below, 'W-2: weir edge and head')),
        ], [
            Finding::of(Severity::Fine, 'B-21', 'weir', Sentence::of('{head} over the weir at {flow}', $parts), Sentence::of('The water line stands {below} below the rim.'.$rough, $parts), null, $facts->basis(), 'weirHeadMm'),
        ]);
    }
}
