<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Sentence;

/**
 * A question that cannot be called Fine yet: a fact of its own is missing, or it was counted with a default nobody has confirmed
 * (B-94). It counts as not passed.
 */
final readonly class OpenCheck
{
    /**
     * @param  list<string>  $needs  facts, tables and cells nobody gave
     * @param  list<string>  $assumed  facts counted with their default: saying that they are right settles it
     */
    private function __construct(
        public string $key,
        public string $rule,
        public string $about,
        /** The question; or what is Fine if the defaults are right. */
        public Sentence $asks,
        public array $needs,
        public array $assumed,
        /** A Stop can come from it. */
        public bool $isSafety,
    ) {
    }

    /**
     * Facts of its own are missing; a default will not do.
     *
     * @param  list<string>  $fields
     */
    public static function needing(Check $check, array $fields): self
    {
        return new self(
            $check->key,
            $check->rule,
            $check->about,
            Sentence::of($check->asks),
            array_values(array_unique($fields)),
            [],
            $check->isSafety,
        );
    }

    /** @param  list<string>  $fields  what it waits for */
    public static function waiting(Check $check, Facts $facts, array $fields): self
    {
        [$needs, $assumed] = self::apart($facts, $fields);

        return new self(
            $check->key,
            $check->rule,
            $check->about,
            Sentence::of($check->asks),
            $needs,
            $assumed,
            $check->isSafety,
        );
    }

    /** A passed check that rests on defaults nobody confirmed. */
    public static function unconfirmed(Finding $finding, Facts $facts): self
    {
        [$needs, $assumed] = self::apart($facts, $finding->grounds->unconfirmed);

        return new self(
            $finding->key(),
            $finding->rule,
            $finding->about,
            $finding->what,
            $needs,
            $assumed,
            isSafety: false,
        );
    }

    /**
     * What has no default must be said; what has one need only be confirmed.
     *
     * @param  list<string>  $fields
     * @return array{0: list<string>, 1: list<string>}
     */
    private static function apart(Facts $facts, array $fields): array
    {
        $needs = $assumed = [];
        foreach (array_unique($fields) as $field) {
            $known = PlanField::tryFrom($field);
            $known !== null && $facts->isAssumed($known) ? ($assumed[] = $field) : ($needs[] = $field);
        }

        return [$needs, $assumed];
    }
}
