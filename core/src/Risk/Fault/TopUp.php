<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Fault;

use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Risk\Harm;
use Velbrin\Core\Risk\Rate\Span;
use Velbrin\Core\Risk\Rate\Unsure;

/**
 * A top-off that does not stop, or does not start (R-3): litres over the rim, salt that thins or thickens, a return that runs dry; too much
 * of what it brings (R-2). What nobody has written down is null.
 */
final readonly class TopUp
{
    /** Salinity that harms, g/kg (R-21). */
    public const THIN = 28.0;

    public const THICK = 39.0;

    /** By what it harms. */
    public const THICK_SALT = 'thick salt';

    public function __construct(
        public float $systemL,
        public float $salinity,
        /** The pump, or the line from the mains, L/h. */
        public ?float $litresH,
        /** In the store, L; INF: from the mains. */
        public ?float $storeL,
        /** Above the running level of the vessel it fills, L. */
        public ?float $roomL,
        /** What the return can take before it runs dry, L; null: nobody knows; 0: there is no return. */
        public ?float $chamberL,
        /** Of the worst day, L/d. */
        public ?float $evaporationLd,
        /** Null: fresh water, and nothing in it. */
        public ?LimeInTopUp $lime = null,
    ) {
    }

    public function holding(?float $storeL): self
    {
        return new self(
            systemL: $this->systemL,
            salinity: $this->salinity,
            litresH: $this->litresH,
            storeL: $storeL,
            roomL: $this->roomL,
            chamberL: $this->chamberL,
            evaporationLd: $this->evaporationLd,
            lime: $this->lime,
        );
    }

    /**
     * It runs on.
     *
     * @return list<Harm>
     *
     * @throws OutOfRange
     */
    public function on(): array
    {
        $facts = $this->facts();

        return [
            self::harm(
                'floor',
                Unsure::of($facts, fn (array $f): float => $f['store'] > $f['room'] ? $f['room'] / $f['flow'] : INF),
                Quantity::of(max(0.0, min($facts['store']->likely, 1e4) - $facts['room']->likely), Kind::Volume),
                spills: true,
            ),
            self::harm(
                'thin salt',
                Unsure::of($facts, $this->thinsAfterH(...)),
                Quantity::of(self::THIN, Kind::Salinity),
            ),
            ...$this->lime === null ? [] : [$this->limed($this->lime)],
        ];
    }

    /** @throws OutOfRange */
    private function limed(LimeInTopUp $lime): Harm
    {
        $facts = array_diff_key($this->facts(), ['room' => true]) + $lime->facts();
        $byPh = $lime->water->endsByPh(array_map(fn (Span $s): float => $s->likely, $facts));

        return self::harm(
            $byPh ? 'pH' : 'alkalinity',
            Unsure::of($facts, function (array $f) use ($lime): float {
                $neededL = $lime->harmsAtL($f, $this->systemL);

                return $f['store'] >= $neededL ? $neededL / $f['flow'] : INF;
            }),
            $byPh ? Quantity::of(DosedWater::HARM_PH, Kind::Ph) : Quantity::of(DosedWater::HARM_DKH, Kind::Alkalinity),
        );
    }

    /** @return list<Harm> it does not start: evaporation goes on */
    public function off(): array
    {
        $chamber = $this->chamberL === null ? Open::chamberL() : Span::sure($this->chamberL);
        $day = $this->evaporationLd === null ? Open::evaporatingShare()->times($this->systemL) : Span::sure($this->evaporationLd);
        $facts = [...$chamber->likely > 0 ? ['chamber' => $chamber] : [], 'day' => $day];
        $harms = [
            self::harm(
                self::THICK_SALT,
                Unsure::of(
                    $facts,
                    fn (array $f): float => $f['day'] > 0 ? (24 * $this->thickensAtL()) / $f['day'] : INF,
                ),
                Quantity::of(self::THICK, Kind::Salinity),
            ),
        ];
        if (isset($facts['chamber'])) {
            $harms[] = self::harm(
                'dry pump',
                Unsure::of($facts, fn (array $f): float => $f['day'] > 0 ? (24 * $f['chamber']) / $f['day'] : INF),
                Quantity::of($chamber->likely, Kind::Volume),
            );
        }

        return $harms;
    }

    /** On the floor after so many hours of running on, L. */
    public function floorL(float $hours): float
    {
        $facts = array_map(fn (Span $s): float => $s->likely, $this->facts());

        return max(0.0, min($facts['store'], $facts['flow'] * $hours) - $facts['room']);
    }

    /** @return array{flow: Span, store: Span, room: Span} */
    private function facts(): array
    {
        return [
            'flow' => $this->litresH === null ? Open::topOffLh() : Span::sure($this->litresH),
            'store' => $this->storeL === null ? Open::storeL() : Span::sure($this->storeL),
            'room' => $this->roomL === null ? Open::roomL() : Span::sure($this->roomL),
        ];
    }

    /** @param  array<string, float>  $facts */
    private function thinsAfterH(array $facts): float
    {
        $neededL = $this->systemL * ($this->salinity / self::THIN - 1);

        return $neededL <= 0 ? 0.0 : ($facts['store'] >= $neededL ? $neededL / $facts['flow'] : INF);
    }

    private function thickensAtL(): float
    {
        return max(0.0, $this->systemL * (1 - $this->salinity / self::THICK));
    }

    private static function harm(string $by, Unsure $hours, Quantity $limit, bool $spills = false): Harm
    {
        return Harm::open($by, $hours, $limit, array_map(self::words(...), $hours->narrows), $spills);
    }

    private static function words(string $fact): string
    {
        return match ($fact) {
            'flow' => 'what the top-off’s pump gives',
            'store' => 'what its store holds',
            'room' => 'the room above the sump’s running level',
            'strength' => 'how strong is what the top-off brings',
            'alk' => 'the water’s alkalinity',
            'ph' => 'the water’s pH',
            'chamber' => 'the water the return can take before it runs dry',
            default => 'what evaporates in a day',
        };
    }
}
