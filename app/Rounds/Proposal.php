<?php

declare(strict_types=1);

namespace App\Rounds;

/** What a proposal did, in words a planner can tell on. */
final readonly class Proposal
{
    private const NAMED = 6;

    /**
     * @param  list<string>  $moved  visits that had a day and got another: "Bar reef: Tue 09:10 to Wed 10:00"
     * @param  list<string>  $released  that were planned for somebody who is away
     */
    public function __construct(
        public int $made,
        public int $rode,
        public int $placed,
        public int $left,
        public array $moved,
        public array $released,
        public int $drivingMin,
    ) {
    }

    /** @return list<string> */
    public function words(): array
    {
        $n = fn (int $count, string $one, string $many): string => $count === 1 ? "1 {$one}" : "{$count} {$many}";
        if ($this->made + $this->rode + $this->placed + $this->left === 0 && $this->moved === []) {
            return ['Nothing new came due, and nothing would stand better elsewhere.'];
        }
        $words = [
            $n($this->made, 'visit came due', 'visits came due').
            ($this->rode > 0
                ? ', '.$n($this->rode, 'job rides', 'jobs ride').' on visits that stand already'
                : '').
            '.',
        ];
        $words[] =
            $n($this->placed, 'visit found a place', 'visits found a place').
            ($this->left === 0 ? '.' : ", {$this->left} did not: each says why.");
        if ($this->released !== []) {
            $words[] = 'Planned for somebody who is away, and placed anew: '.$this->named($this->released).'.';
        }
        if ($this->moved !== []) {
            $saved = match (true) {
                $this->drivingMin < 0 => ' That saves '.-$this->drivingMin.' min at the wheel.',
                $this->drivingMin > 0 => " That costs {$this->drivingMin} min at the wheel, for what had no place.",
                default => '',
            };
            $words[] = 'Moved: '.$this->named($this->moved).".{$saved}";
        }

        return $words;
    }

    /** @param  list<string>  $all */
    private function named(array $all): string
    {
        $more = count($all) - self::NAMED;

        return implode('; ', array_slice($all, 0, self::NAMED)).($more > 0 ? "; and {$more} more" : '');
    }
}
