<?php

declare(strict_types=1);

namespace App\House;

use Symfony\Component\HttpFoundation\StreamedResponse;

/** Rows as CSV (RFC 4180), streamed; a cell that a spreadsheet would run is kept as text. */
final class Csv
{
    /**
     * @param  list<string>  $head
     * @param  iterable<list<string|int|float|bool|null>>  $rows
     */
    public static function of(string $name, array $head, iterable $rows): StreamedResponse
    {
        return response()->stream(
            function () use ($head, $rows): void {
                $out = fopen('php://output', 'wb');
                if ($out === false) {
                    return;
                }
                fputcsv($out, $head, escape: '');
                foreach ($rows as $row) {
                    fputcsv($out, array_map(self::cell(...), $row), escape: '');
                }
                fclose($out);
            },
            200,
            [
                'Content-Type' => 'text/csv; charset=utf-8',
                'Content-Disposition' => "attachment; filename=\"{$name}\"",
                'Cache-Control' => 'no-store, private',
            ],
        );
    }

    /**
     * One row into a stream.
     *
     * @param  resource  $out
     * @param  list<mixed>  $row
     */
    public static function put($out, array $row): void
    {
        $cells = array_map(
            fn (mixed $v): string => self::cell(is_scalar($v) || $v === null ? $v : (string) json_encode($v)),
            $row,
        );
        fputcsv($out, $cells, escape: '');
    }

    private static function cell(string|int|float|bool|null $value): string
    {
        if (is_string($value)) {
            return $value !== '' && strspn($value, "=+-@\t\r") > 0 ? "'".$value : $value;
        }

        return is_bool($value) ? ($value ? 'yes' : 'no') : (string) $value;
    }
}
