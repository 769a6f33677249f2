<?php

declare(strict_types=1);

namespace App\House\Http;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;

/**
 * One boundary for everything that comes in, before any rule of a form: words are UTF-8 without control characters
 * or turned reading direction, numbers are finite, lists and texts have an end.
 */
final class SaneInput
{
    /** Values of one request, all levels together. A plan with every table full has about two thousand. */
    private const MOST_VALUES = 20_000;

    private const DEEPEST = 16;

    private const LONGEST_TEXT = 100_000;

    private const LONGEST_NAME = 120;

    /** Beyond these a number is no measure of anything here, and no column keeps it. */
    private const GREATEST = 1e15;

    /** A word of the address line names a thing or searches for it. */
    private const LONGEST_QUERY = 4_000;

    /** Control characters except tab and line break; marks that turn the reading direction. */
    private const UNSEEN = '/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]|[\x{80}-\x{9F}\x{202A}-\x{202E}\x{2066}-\x{2069}]/u';

    private int $values = 0;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $this->values = 0;
        foreach ($request->query->all() as $key => $value) {
            // The address line carries words and lists of words, never a tree.
            $this->look((string) $key, $value, self::DEEPEST - 2, self::LONGEST_QUERY);
        }
        foreach (($request->isJson() ? $request->json() : $request->request)->all() as $key => $value) {
            $this->look((string) $key, $value, 0, self::LONGEST_TEXT);
        }

        return $next($request);
    }

    /** @throws ValidationException */
    private function look(string $key, mixed $value, int $depth, int $longest): void
    {
        if (++$this->values > self::MOST_VALUES || $depth > self::DEEPEST) {
            $this->refuse('form', 'That is more than one form can hold. Send it in parts.');
        }
        if (mb_strlen($key) > self::LONGEST_NAME || ! $this->readable($key)) {
            $this->refuse('form', 'A field has a name that cannot be read.');
        }
        match (true) {
            is_string($value) => $this->lookAtWords($key, $value, $longest),
            is_float($value), is_int($value) => $this->lookAtNumber($key, (float) $value),
            default => null,
        };
        foreach (is_array($value) ? $value : [] as $inner => $one) {
            $this->look(is_int($inner) ? $key : (string) $inner, $one, $depth + 1, $longest);
        }
    }

    private function lookAtWords(string $key, string $words, int $longest): void
    {
        if (! $this->readable($words)) {
            $this->refuse($key, 'This holds characters that cannot be read. Type it again.');
        }
        if (mb_strlen($words) > $longest) {
            $this->refuse($key, "This is longer than {$longest} characters. Shorten it.");
        }
        // A long row of digits may be a serial number; what is no number any more is one nowhere.
        if (is_numeric($words) && ! is_finite((float) $words)) {
            $this->lookAtNumber($key, INF);
        }
    }

    private function lookAtNumber(string $key, float $number): void
    {
        if (! is_finite($number) || abs($number) > self::GREATEST) {
            $this->refuse($key, 'This number is beyond all measure. Type it again.');
        }
    }

    private function readable(string $words): bool
    {
        return mb_check_encoding($words, 'UTF-8') && preg_match(self::UNSEEN, $words) === 0;
    }

    private function refuse(string $key, string $words): never
    {
        $name = mb_check_encoding($key, 'UTF-8') && $key !== '' ? $key : 'form';
        throw ValidationException::withMessages([$name => $words]);
    }
}
