<?php

declare(strict_types=1);

namespace App\House;

use Illuminate\Validation\Validator;

/**
 * The framework's rules, held to what this house can keep: a day is written as words and lies in a year somebody
 * may live in, and what is short is one line.
 */
final class HouseValidator extends Validator
{
    private const FIRST_YEAR = 1900;

    private const LAST_YEAR = 2200;

    /** Up to so many characters a text is a name: it stands on one line. */
    private const ONE_LINE = 160;

    /** @param  array<string, string>  $messages */
    public function setFallbackMessages(array $messages): void
    {
        parent::setFallbackMessages($messages + ['one_line' => 'The :attribute stands on one line.']);
    }

    public function validateString($attribute, $value): bool
    {
        if (! is_string($value)) {
            return false;
        }
        $most = $this->getRule($attribute, ['Max', 'Size'])[1][0] ?? null;
        if (is_numeric($most) && $most <= self::ONE_LINE && preg_match('/[\r\n\x{2028}\x{2029}]/u', $value) === 1) {
            $this->addFailure($attribute, 'one_line', []);
        }

        return true;
    }

    public function validateDate($attribute, $value): bool
    {
        return $this->isDay($value) && parent::validateDate($attribute, $value);
    }

    public function validateDateFormat($attribute, $value, $parameters): bool
    {
        $isWord = is_string($value) && ! str_contains($value, "\0");
        $hasYear = str_contains(implode('', array_filter($parameters, is_string(...))), 'Y');

        return $isWord && (! $hasYear || $this->isDay($value)) && parent::validateDateFormat($attribute, $value, $parameters);
    }

    protected function compareDates($attribute, $value, $parameters, $operator): bool
    {
        $comparable = $this->getDateFormat($attribute) === null ? $this->isDay($value) : is_string($value);

        // The day of another field may be anything at all: that is told at that field.
        $field = $parameters[0] ?? null;
        $other = is_string($field) ? $this->getValue($field) : null;
        $isDay = $other === null || is_string($other) || $other instanceof \DateTimeInterface;

        return $comparable && $isDay && parent::compareDates($attribute, $value, $parameters, $operator);
    }

    protected function getDateTimestamp($value): ?int
    {
        // Also asked for the day a rule compares with, which is ours.
        return is_string($value) || $value instanceof \DateTimeInterface ? parent::getDateTimestamp($value) : null;
    }

    private function isDay(mixed $value): bool
    {
        if ($value instanceof \DateTimeInterface) {
            return true;
        }
        $at = is_string($value) && mb_strlen($value) <= 40 ? strtotime($value) : false;
        $year = $at === false ? 0 : (int) gmdate('Y', $at);

        return $year >= self::FIRST_YEAR && $year <= self::LAST_YEAR;
    }
}
