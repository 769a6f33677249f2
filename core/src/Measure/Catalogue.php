<?php

declare(strict_types=1);

namespace Velbrin\Core\Measure;

/** The words of one language: ICU messages by code, read from each room's file once. */
final class Catalogue
{
    public const ENGLISH = 'en';

    /** @var array<string, self> */
    private static array $kept = [];

    /** @var array<class-string<Saying>, array<string, string>> */
    private array $rooms = [];

    private function __construct(public readonly string $language)
    {
    }

    public static function english(): self
    {
        return self::in(self::ENGLISH);
    }

    public static function in(string $language): self
    {
        return self::$kept[$language] ??= new self($language);
    }

    /** @throws OutOfRange when that language has no words for it */
    public function words(Saying $says): string
    {
        $this->rooms[$says::class] ??= $this->of($says);

        return $this->rooms[$says::class][$says->value]
            ?? throw OutOfRange::field(
                $says::room().'.'.$says->value,
                Phrase::ItHasNoWordsIn,
                Phrase::ACodeWithWords,
                ['language' => $this->language],
            );
    }

    /** @return array<string, string> */
    private function of(Saying $says): array
    {
        $file = $says::folder()."/{$this->language}.php";
        $words = is_file($file) ? require $file : [];

        /** @var array<string, string> $words */
        return $words;
    }
}
