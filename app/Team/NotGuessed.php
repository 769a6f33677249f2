<?php

declare(strict_types=1);

namespace App\Team;

use Closure;
use Illuminate\Contracts\Validation\DataAwareRule;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Str;
use RuntimeException;

/** A password that stands on the list everybody tries first, or is made of one's own name, is none. */
final class NotGuessed implements DataAwareRule, ValidationRule
{
    /** What is left of a password without one's own words still has to be so long. */
    private const LEFT = 8;

    private const SHORTEST_WORD = 4;

    /** The hash reads no further. */
    private const MOST_BYTES = 72;

    /** @var array<mixed> */
    private array $data = [];

    /** @param  array<mixed>  $data */
    public function setData(array $data): self
    {
        $this->data = $data;

        return $this;
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (! is_string($value)) {
            return;
        }
        $folded = mb_strtolower(Str::ascii($value));
        $wrong = match (true) {
            self::isCommon($folded) => 'This is one of the passwords everybody tries first.',
            $this->isOwn($folded) => 'This is made of your own name or address.',
            strlen($value) > self::MOST_BYTES => 'This is longer than 72 bytes, and what comes after them would not count.',
            preg_match('/^(.{1,6})\1+.?.?$/su', $folded) === 1 => 'This is one short piece again and again.',
            default => null,
        };
        if ($wrong !== null) {
            $fail("{$wrong} Take three or four words nobody connects with you.");
        }
    }

    /** As it stands, or with digits and signs before or behind it. */
    private static function isCommon(string $folded): bool
    {
        $bare = preg_replace('/^[^a-z]+|[^a-z]+$/', '', $folded) ?? '';
        $list = self::list();

        return str_contains($list, "\n{$folded}\n") || ($bare !== '' && str_contains($list, "\n{$bare}\n"));
    }

    private function isOwn(string $folded): bool
    {
        $left = $folded;
        foreach ($this->ownWords() as $word) {
            $left = str_replace($word, '', $left);
        }

        return $left !== $folded && mb_strlen($left) < self::LEFT;
    }

    /** @return list<string> longest first */
    private function ownWords(): array
    {
        $email = is_string($this->data['email'] ?? null) ? $this->data['email'] : '';
        $user = Auth::user();
        $user = $user instanceof User ? $user : User::query()->where('email', $email)->first();
        $about = implode(' ', ['velbrin', $email, $user->email ?? '', $user->name ?? '']);
        $words = preg_split('/[^a-z0-9]+/', mb_strtolower(Str::ascii($about))) ?: [];
        $words = array_filter($words, fn (string $w): bool => strlen($w) >= self::SHORTEST_WORD);
        usort($words, fn (string $a, string $b): int => strlen($b) <=> strlen($a));

        return $words;
    }

    /** One a line, made when the pages are built. */
    private static function list(): string
    {
        static $list = null;
        $list ??= @file_get_contents(base_path('bootstrap/cache/common-passwords.txt'));
        if (! is_string($list) || $list === '') {
            throw new RuntimeException('bootstrap/cache/common-passwords.txt is missing: run npm run build.');
        }

        return $list;
    }
}
