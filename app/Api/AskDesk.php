<?php

declare(strict_types=1);

namespace App\Api;

use Illuminate\Contracts\Cache\Lock;
use Illuminate\Support\Facades\Cache;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Symfony\Component\HttpKernel\Exception\TooManyRequestsHttpException;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\PhpExecutableFinder;
use Symfony\Component\Process\Process;

/**
 * Questions from outside, within bounds: how much one may bring, how long it may take, how many at once. Each is answered in a process
 * of its own, which can be ended: a question nobody should have asked holds up nobody else.
 */
final class AskDesk
{
    public const MOST_BYTES = 1_000_000;

    /** Values of a question, all levels together. */
    public const MOST_VALUES = 20_000;

    public const LONGEST_LIST = 2_000;

    public const DEEPEST = 24;

    public const LONGEST_S = 10;

    public const AT_ONCE_A_TOKEN = 2;

    /** Fewer than the web server has workers: a page always finds one. */
    public const AT_ONCE = 3;

    private const MEMORY = '192M';

    private const AGAIN_AFTER_S = 2;

    private int $values = 0;

    public function __construct(private readonly float $longestS = self::LONGEST_S)
    {
    }

    /**
     * @return array{string, bool} the answer as JSON, and whether it is one
     *
     * @throws HttpException 413 too much, 422 too long, 429 too many at once
     */
    public function ask(string $question, string $input, string $who): array
    {
        $this->fits($input);
        $held = [$this->place("ask|{$who}", self::AT_ONCE_A_TOKEN)];
        try {
            $held[] = $this->place('ask|all', self::AT_ONCE);

            return $this->answer($question, $input);
        } finally {
            array_map(fn (Lock $lock): bool => $lock->release(), $held);
        }
    }

    private function fits(string $input): void
    {
        if (strlen($input) > self::MOST_BYTES) {
            throw new HttpException(413, 'A question is at most '.self::MOST_BYTES.' bytes.');
        }
        $this->values = 0;
        $read = json_decode($input, true, self::DEEPEST);
        if (json_last_error() === JSON_ERROR_DEPTH) {
            throw new HttpException(413, 'A question is at most '.self::DEEPEST.' levels deep.');
        }
        $this->count($read);
    }

    private function count(mixed $value): void
    {
        if (++$this->values > self::MOST_VALUES) {
            throw new HttpException(413, 'A question holds at most '.self::MOST_VALUES.' values.');
        }
        if (is_array($value) && count($value) > self::LONGEST_LIST) {
            throw new HttpException(413, 'A list in a question has at most '.self::LONGEST_LIST.' entries.');
        }
        foreach (is_array($value) ? $value : [] as $one) {
            $this->count($one);
        }
    }

    private function place(string $name, int $places): Lock
    {
        for ($n = 0; $n < $places; $n++) {
            $lock = Cache::lock("{$name}|{$n}", self::LONGEST_S + 5);
            if ($lock->get() === true) {
                return $lock;
            }
        }

        throw new TooManyRequestsHttpException(self::AGAIN_AFTER_S, 'Too many questions at once. Ask again in a moment.');
    }

    /** @return array{string, bool} */
    private function answer(string $question, string $input): array
    {
        $php = (new PhpExecutableFinder())->find(false);
        $process = new Process(
            [$php === false ? 'php' : $php, '-d', 'memory_limit='.self::MEMORY, base_path('bin/velbrin'), 'ask', $question],
            base_path(),
            // It needs nothing of ours: no key, no password of the database.
            array_fill_keys(array_keys(getenv()), false),
            $input,
            $this->longestS,
        );
        try {
            $process->run();
        } catch (ProcessTimedOutException) {
            $words = 'This question takes longer than '.self::LONGEST_S.' s. Ask with shorter lists or a shorter time.';
            throw new HttpException(422, $words);
        }
        $ok = $process->getExitCode() === 0;
        if (! $ok && $process->getExitCode() !== 2) {
            throw new HttpException(422, 'This question takes more memory than '.self::MEMORY.'. Ask with shorter lists.');
        }

        return [trim($process->getOutput()), $ok];
    }
}
