<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Measure\OutOfRange;

/** One pane with its holes and the glass left round each. */
final readonly class DrilledPane
{
    /** @param  list<HoleFit>  $fits */
    private function __construct(
        public Pane $pane,
        public float $widthMm,
        public float $heightMm,
        public bool $round,
        public array $fits,
    ) {
    }

    /**
     * @param  array<int, Hole>  $holes  by their row
     *
     * @throws OutOfRange when a hole leaves the pane
     */
    public static function of(Pane $pane, float $widthMm, float $heightMm, bool $round, array $holes): self
    {
        $fits = [];
        foreach ($holes as $row => $hole) {
            $edge = $round
                ? $widthMm / 2 - hypot($hole->xMm - $widthMm / 2, $hole->yMm - $widthMm / 2)
                : min($hole->xMm, $widthMm - $hole->xMm, $hole->yMm, $heightMm - $hole->yMm);
            if ($edge < $hole->diameterMm / 2) {
                throw OutOfRange::field(
                    "holes.{$row}.xMm",
                    Phrase::TheHoleDoesNotLieWithin,
                    Phrase::ACentreAtLeastHalf,
                );
            }
            $next = $nextNeed = $nextRow = null;
            foreach ($holes as $other => $beside) {
                if ($other === $row) {
                    continue;
                }
                $need = ($hole->diameterMm + $beside->diameterMm) / 2 + max($hole->diameterMm, $beside->diameterMm);
                $apart = hypot($hole->xMm - $beside->xMm, $hole->yMm - $beside->yMm);
                if ($next === null || $apart - $need < $next - $nextNeed) {
                    [$next, $nextNeed, $nextRow] = [$apart, $need, $other];
                }
            }
            $fits[] = new HoleFit(
                $row,
                $hole,
                $edge,
                HolePlan::EDGE_DIAMETERS * $hole->diameterMm,
                $next,
                $nextNeed,
                $nextRow,
            );
        }

        return new self($pane, $widthMm, $heightMm, $round, $fits);
    }

    /**
     * The sheets a template is printed on at full size: windows of the pane, mm, each holding the next holes that fit together.
     *
     * @return list<array{xMm: float, yMm: float, rows: list<int>}> lower left corner of each window
     */
    public function sheets(float $sheetWidthMm, float $sheetHeightMm, float $roundMm): array
    {
        $left = $this->fits;
        usort(
            $left,
            fn (HoleFit $a, HoleFit $b): int => [$a->hole->xMm, $a->hole->yMm] <=> [$b->hole->xMm, $b->hole->yMm],
        );
        $sheets = [];
        while ($left !== []) {
            $box = null;
            $rows = $later = [];
            foreach ($left as $fit) {
                $r = $fit->hole->diameterMm / 2 + $roundMm;
                $with = [
                    min($box[0] ?? INF, $fit->hole->xMm - $r),
                    min($box[1] ?? INF, $fit->hole->yMm - $r),
                    max($box[2] ?? -INF, $fit->hole->xMm + $r),
                    max($box[3] ?? -INF, $fit->hole->yMm + $r),
                ];
                if ($box === null || ($sheetWidthMm >= $with[2] - $with[0] && $sheetHeightMm >= $with[3] - $with[1])) {
                    $box = $with;
                    $rows[] = $fit->row;
                } else {
                    $later[] = $fit;
                }
            }
            $sheets[] = [
                'xMm' => ($box[0] + $box[2] - $sheetWidthMm) / 2,
                'yMm' => ($box[1] + $box[3] - $sheetHeightMm) / 2,
                'rows' => $rows,
            ];
            $left = $later;
        }

        return $sheets;
    }
}
