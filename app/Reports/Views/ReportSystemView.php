<?php

declare(strict_types=1);

namespace App\Reports\Views;

/** One system in a report, every line a plain sentence in the reader's units. */
final readonly class ReportSystemView
{
    /**
     * @param  list<string>  $done
     * @param  list<ReportReadingView>  $readings
     * @param  list<string>  $seen
     * @param  list<string>  $notDone
     * @param  list<string>  $know  what will look or be different for a while, and what stays off on purpose
     */
    public function __construct(
        public int $id,
        public string $name,
        public array $done,
        public array $readings,
        public array $seen,
        public array $notDone,
        public array $know,
    ) {
    }
}
