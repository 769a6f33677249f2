<?php

declare(strict_types=1);

namespace App\Build\Http;

use App\Build\LampType;
use App\House\Csv;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Velbrin\Core\Light\MeasuredGrid;
use Velbrin\Core\Measure\OutOfRange;

/** The company's own lamps; out as CSV and in again (B-50). */
final class LampTypeController
{
    private const MOST = 200;

    public function index(): Response
    {
        Gate::authorize('viewAny', LampType::class);

        return Inertia::render('build/Lamps', [
            'lamps' => LampType::query()
                ->current()
                ->orderBy('name')
                ->get(['id', 'name', 'grid', ...array_keys(LampType::COLUMNS)]),
        ]);
    }

    public function store(Request $request): RedirectResponse
    {
        Gate::authorize('create', LampType::class);
        LampType::query()->create($request->validate($this->rules()));

        return back()->with('said', 'The lamp is in the library. A plan’s light plan offers it.');
    }

    public function archive(LampType $lamp): RedirectResponse
    {
        Gate::authorize('update', $lamp);
        $lamp->archive();

        return back()->with('said', "{$lamp->name} is offered no more. Plans that have it keep it.");
    }

    public function csv(): StreamedResponse
    {
        Gate::authorize('viewAny', LampType::class);

        return Csv::of(
            'lamps.csv',
            ['name', ...array_keys(LampType::COLUMNS)],
            LampType::query()
                ->current()
                ->orderBy('name')
                ->get()
                ->map(
                    fn (LampType $l): array => [
                        $l->name,
                        $l->ppf,
                        $l->half_angle_deg,
                        $l->watts,
                        $l->kg,
                        $l->least_mm,
                        $l->most_mm,
                    ],
                )
                ->all(),
        );
    }

    /** All of it or nothing: a wrong line is named and changes no lamp. A name that is known is written anew. */
    public function import(Request $request): RedirectResponse
    {
        Gate::authorize('create', LampType::class);
        $request->validate(
            ['file' => ['required', 'file', 'max:256', 'mimetypes:text/plain,text/csv,application/csv']],
            [
                'file.mimetypes' => 'A CSV file, please: '.implode(', ', ['name', ...array_keys(LampType::COLUMNS)]).'.',
            ],
        );
        $file = $request->file('file');
        $lamps = $wrong = [];
        foreach (
            preg_split('/\R/', $file instanceof UploadedFile ? (string) $file->getContent() : '') ?: [] as $n => $line
        ) {
            $cells = array_map(fn (?string $c): string => trim((string) $c), str_getcsv($line, escape: ''));
            if ($cells[0] === '' || $cells[0] === 'name') {
                continue;
            }
            [$lamp, $faults] = self::line($cells);
            $lamps[$lamp['name']] = $lamp;
            $wrong = [...$wrong, ...array_map(fn (string $fault): string => 'line '.($n + 1).": {$fault}", $faults)];
        }
        if ($wrong !== [] || $lamps === [] || count($lamps) > self::MOST) {
            throw ValidationException::withMessages([
                'file' => match (true) {
                    $wrong !== [] => 'Nothing was changed; '.implode('; ', array_slice($wrong, 0, 5)).'.',
                    $lamps === [] => 'No lamp stands in that file.',
                    default => 'More than '.self::MOST.' lamps in one file.',
                },
            ]);
        }
        DB::transaction(
            fn () => array_map(
                fn (array $l): LampType => LampType::query()->updateOrCreate(['name' => $l['name']], $l),
                $lamps,
            ),
        );

        return back()->with('said', count($lamps) === 1 ? '1 lamp read.' : count($lamps).' lamps read.');
    }

    /**
     * @param  list<string>  $cells
     * @return array{0: array{name: string, ...<string, float|string|null>}, 1: list<string>} the lamp, and what is wrong with it
     */
    private static function line(array $cells): array
    {
        $lamp = ['name' => mb_substr(ltrim($cells[0], "'"), 0, 60)];
        $faults = [];
        foreach (array_keys(LampType::COLUMNS) as $i => $column) {
            [$least, $most, $mayBeEmpty] = LampType::COLUMNS[$column];
            $text = str_replace(',', '.', $cells[$i + 1] ?? '');
            $lamp[$column] = $text === '' ? null : (float) $text;
            if ($text === '' ? ! $mayBeEmpty : ! is_numeric($text) || (float) $text < $least || (float) $text > $most) {
                $faults[] = "{$column} must be {$least} to {$most}";
            }
        }

        return [$lamp, $faults];
    }

    /** A grid read with a meter: distance and step on the first line, then the rows (B-50). */
    public function grid(Request $request, LampType $lamp): RedirectResponse
    {
        Gate::authorize('update', $lamp);
        $given = $request->validate([
            'distance_mm' => ['required', 'numeric:strict'],
            'step_mm' => ['required', 'numeric:strict'],
            'rows' => ['required', 'string', 'max:10000'],
        ]);
        try {
            $grid = MeasuredGrid::parse("{$given['distance_mm']} / {$given['step_mm']}: {$given['rows']}");
        } catch (OutOfRange $e) {
            throw ValidationException::withMessages(['rows' => "{$e->getMessage()}: {$e->allowed}."]);
        }
        $lamp->update(['grid' => $grid->text(), 'ppf' => max(1.0, round($grid->ppf()))]);

        return back()->with(
            'said',
            "{$lamp->name} is read from its grid: it caught ".round($grid->ppf()).' µmol/s.',
        );
    }

    /** @return array<string, list<mixed>> */
    private function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:60', Rule::unique('lamp_types', 'name')],
            ...array_map(
                fn (array $c): array => [$c[2] ? 'nullable' : 'required', 'numeric:strict', "between:{$c[0]},{$c[1]}"],
                LampType::COLUMNS,
            ),
        ];
    }
}
