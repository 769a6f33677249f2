<?php

declare(strict_types=1);

namespace App\Build;

use Velbrin\Core\Build\PlanAnswers;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\SinceThen;
use Velbrin\Core\Build\WholeAnswer;
use Velbrin\Core\Version;

/** What a version says: as it was accepted, with the prices of that day; before that, by today’s arithmetic and prices. */
final class Answered
{
    public const TODAY = 'today';

    /** Kept, and of a shape nobody can read any more: today’s arithmetic stands in for it, and that is said. */
    public const UNREADABLE = 'unreadable';

    private ?WholeAnswer $today = null;

    /** @param  array<string, int>  $prices  of one, by key */
    private function __construct(
        private readonly PlanBrief $brief,
        private readonly ?WholeAnswer $kept,
        /** accepted, recomputed, unreadable or today. */
        public readonly string $how,
        public readonly string $coreVersion,
        public readonly array $prices,
        public readonly int $taxBasisPoints,
    ) {
    }

    public static function of(PlanVersion $version): self
    {
        $brief = PlanBrief::read($version->brief);
        $row = $version->accepted_at === null ? null : $version->keptAnswer;
        if ($row === null) {
            return self::today($brief);
        }
        $kept = $row->thaw();

        return new self(
            $brief,
            $kept,
            $kept === null ? self::UNREADABLE : $row->how,
            $kept === null ? Version::NUMBER : $row->core_version,
            $row->prices,
            $row->tax_basis_points,
        );
    }

    /** @param  array<string, int>|null  $prices  null: today’s list */
    public static function today(PlanBrief $brief, ?array $prices = null): self
    {
        return new self(
            $brief,
            null,
            self::TODAY,
            Version::NUMBER,
            $prices ?? Price::list(),
            config()->integer('velbrin.tax_basis_points'),
        );
    }

    public function whole(): WholeAnswer
    {
        return $this->kept ?? $this->now();
    }

    public function answers(): PlanAnswers
    {
        return $this->whole()->answers;
    }

    /** By today’s arithmetic, whatever was accepted. */
    public function now(): WholeAnswer
    {
        return $this->today ??= WholeAnswer::of($this->brief);
    }

    /**
     * A gate that protects people or the building asks both: a rule mended since protects too.
     *
     * @return non-empty-list<PlanAnswers>
     */
    public function forGates(): array
    {
        return $this->kept === null ? [$this->now()->answers] : [$this->kept->answers, $this->now()->answers];
    }

    /** Null: it is today’s. */
    public function since(): ?SinceThen
    {
        if ($this->kept === null) {
            return null;
        }
        $since = SinceThen::of($this->kept->answers, $this->now()->answers);

        return $since->isNothing() ? null : $since;
    }
}
