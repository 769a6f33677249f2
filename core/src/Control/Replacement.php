<?php

declare(strict_types=1);

namespace Velbrin\Core\Control;

use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** When a device is due to be replaced by its age (K-2). Days count from any fixed moment. */
final readonly class Replacement
{
    /** Said this long before, so that the part can be ordered. */
    public const AHEAD_DAYS = 60.0;

    public const DAYS_A_MONTH = 365.25 / 12;

    private function __construct(
        /** Day on which its counted life ends. */
        public float $dueDay,
        /** Days from now; negative when overdue. */
        public float $inDays,
        public float $ageDays,
    ) {
    }

    /**
     * @param  float  $lifeMonths  counted life, more than 0
     *
     * @throws OutOfRange
     */
    public static function of(float $installedDay, float $lifeMonths, float $nowDay): self
    {
        Guard::positive('lifeMonths', $lifeMonths);
        $due = Guard::finite('installedDay', $installedDay) + $lifeMonths * self::DAYS_A_MONTH;

        return new self($due, $due - Guard::finite('nowDay', $nowDay), $nowDay - $installedDay);
    }

    /** Nothing is said while there is time. */
    public function finding(string $item, bool $dateIsAbout): ?Finding
    {
        if ($this->inDays > self::AHEAD_DAYS) {
            return null;
        }
        $parts = [
            'item' => $item,
            'days' => Quantity::of(abs($this->inDays), Kind::Days),
            'age' => Quantity::of($this->ageDays, Kind::Days),
        ];
        $late = $this->inDays < 0;

        return Finding::of(
            $late ? Severity::Fix : Severity::Watch,
            'K-2',
            'item',
            Sentence::of($late ? Phrase::IsPastItsLife : Phrase::AgesOutIn, $parts),
            Sentence::of(Phrase::ItHasRun, $parts),
            Sentence::of($late ? Phrase::ReplaceItAtTheNextVisit : Phrase::PutThePartOnTheNext),
            $dateIsAbout ? Basis::Recalled : Basis::Measured,
        );
    }
}
