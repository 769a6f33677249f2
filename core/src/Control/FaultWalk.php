<?php

declare(strict_types=1);

namespace Velbrin\Core\Control;

use Velbrin\Core\Measure\OutOfRange;

/** A fault-finding sheet walked down answer by answer: what was asked, and what is to be looked at next or what it is. */
final readonly class FaultWalk
{
    /** @param  list<array{way: CheckWay, ask: string, answer: string}>  $trail */
    private function __construct(
        public Symptom $symptom,
        public array $trail,
        public ?Check $check,
        public ?Cause $cause,
    ) {
    }

    /**
     * @param  list<int>  $answers  each the number of an answer to the check before, counted from 0
     *
     * @throws OutOfRange for an answer the check does not have
     */
    public static function of(Symptom $symptom, array $answers): self
    {
        $checks = $symptom->checks();
        $at = (string) array_key_first($checks);
        $trail = [];
        foreach ($answers as $n => $answer) {
            $check = $checks[$at];
            $words =
                array_keys($check->answers)[$answer] ??
                throw OutOfRange::number(
                    "answers.{$n}",
                    $answer,
                    Phrase::N0To,
                    ['last' => (string) (count($check->answers) - 1)],
                );
            $trail[] = ['way' => $check->way, 'ask' => $check->ask, 'answer' => (string) $words];
            $to = $check->answers[$words];
            if ($to instanceof Cause) {
                if ($n < count($answers) - 1) {
                    throw OutOfRange::number(
                        'answers',
                        count($answers),
                        Phrase::AtMostForThese,
                        ['last' => (string) ($n + 1)],
                    );
                }

                return new self($symptom, $trail, null, $to);
            }
            $at = $to;
        }

        return new self($symptom, $trail, $checks[$at], null);
    }

    /** The whole of it in one line, for the log. */
    public function words(): string
    {
        return $this->symptom->label().
            '. '.
            implode(
                ' ',
                array_map(
                    fn (array $t): string => rtrim($t['ask'], '?').': '.lcfirst($t['answer']).'.',
                    $this->trail,
                ),
            ).
            ($this->cause === null ? '' : ' '.$this->cause->says);
    }
}
