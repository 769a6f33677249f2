<?php

declare(strict_types=1);

namespace App\Build\Http;

use App\Build\Price;
use App\House\Csv;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The price list: one price for each unit a take-off counts; out as CSV and in again. */
final class PriceController
{
    private const MOST_MINOR = 100_000_000;

    public function index(): Response
    {
        Gate::authorize('viewAny', Price::class);
        $prices = Price::list();

        return Inertia::render('build/Prices', [
            'lines' => array_map(
                fn (string $key, array $l): array => [
                    'key' => $key,
                    'label' => $l[0],
                    'per' => $l[1],
                    'minor' => $prices[$key] ?? null,
                ],
                array_keys(Price::keys()),
                Price::keys(),
            ),
            'currency' => config()->string('velbrin.currency'),
            'taxPct' => config()->integer('velbrin.tax_basis_points') / 100,
        ]);
    }

    public function update(Request $request): RedirectResponse
    {
        Gate::authorize('update', Price::class);
        $given = $request->validate([
            'prices' => ['required', 'array'],
            'prices.*' => ['nullable', 'integer:strict', 'between:0,'.self::MOST_MINOR],
        ]);
        $this->keep($given['prices']);

        return back()->with('said', 'The price list is kept. Quotes follow it.');
    }

    public function csv(): StreamedResponse
    {
        Gate::authorize('viewAny', Price::class);
        $prices = Price::list();

        return Csv::of(
            'prices.csv',
            ['key', 'what', 'per', 'price'],
            array_map(
                fn (string $key, array $l): array => [
                    $key,
                    $l[0],
                    $l[1],
                    isset($prices[$key]) ? number_format($prices[$key] / 100, 2, '.', '') : null,
                ],
                array_keys(Price::keys()),
                Price::keys(),
            ),
        );
    }

    /** All of it or nothing: a wrong line is named and changes no price. */
    public function import(Request $request): RedirectResponse
    {
        Gate::authorize('update', Price::class);
        $request->validate(
            ['file' => ['required', 'file', 'max:256', 'mimetypes:text/plain,text/csv,application/csv']],
            ['file.mimetypes' => 'A CSV file, please: key, what, per, price.'],
        );
        $file = $request->file('file');
        $prices = $wrong = [];
        $keys = Price::keys();
        foreach (
            preg_split('/\R/', $file instanceof UploadedFile ? (string) $file->getContent() : '') ?: [] as $n => $line
        ) {
            $row = str_getcsv($line, escape: '');
            $key = trim((string) ($row[0] ?? ''));
            if ($key === '' || $key === 'key') {
                continue;
            }
            $price = str_replace(',', '.', trim((string) ($row[3] ?? '')));
            if (! isset($keys[$key]) || ($price !== '' && preg_match('/^\d{1,6}(\.\d{1,2})?$/', $price) !== 1)) {
                $wrong[] =
                    'line '.
                    ($n + 1).
                    ': '.
                    (isset($keys[$key]) ? 'the price is no amount' : "“{$key}” is not a line of the list");
            }
            $prices[$key] = $price === '' ? null : (int) round(100 * (float) $price);
        }
        if ($wrong !== [] || $prices === []) {
            throw ValidationException::withMessages([
                'file' => $wrong === []
                        ? 'No price stands in that file.'
                        : 'Nothing was changed; '.implode('; ', array_slice($wrong, 0, 5)).'.',
            ]);
        }
        $this->keep($prices);

        return back()->with('said', count($prices).' prices read.');
    }

    /** @param  array<array-key, mixed>  $prices  minor units by key; null takes a price away */
    private function keep(array $prices): void
    {
        DB::transaction(function () use ($prices): void {
            foreach (array_keys(Price::keys()) as $key) {
                if (! array_key_exists($key, $prices)) {
                    continue;
                }
                $minor = $prices[$key];
                is_int($minor)
                    ? Price::query()->updateOrCreate(['key' => $key], ['minor' => $minor])
                    : Price::query()->where('key', $key)->get()->each(fn (Price $p) => $p->delete());
            }
        });
    }
}
