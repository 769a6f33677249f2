<?php

declare(strict_types=1);

namespace App\Moves\Http;

use App\Moves\Move;
use Illuminate\Foundation\Http\FormRequest;

/** What somebody wrote of a move: kept as typed, in sizes that can be kept; the core says what cannot be. */
final class MoveBriefRequest extends FormRequest
{
    /** More than any truck takes, or any table is read. */
    private const MOST_ROWS = 80;

    private const ROWS = ['people', 'animals', 'boxes', 'pieces'];

    /** Rows an older page does not know. */
    private const NEWER_ROWS = ['vehicles'];

    private const PARTS = ['way', 'waters', 'holding', 'truck', 'planB'];

    /** What an hour past each end costs: a part an older page does not know. */
    private const LATE = 'late';

    private const PLAIN = ['beginsMin', 'truckBackMin', 'leaveByMin', 'insideByMin', 'fish'];

    public function authorize(): bool
    {
        $move = $this->route('move');

        return $move instanceof Move && $this->user()?->can('update', $move) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $rules = ['revision' => ['required', 'integer', 'min:0', 'max:4000000000']];
        foreach ([...self::ROWS, ...self::NEWER_ROWS] as $rows) {
            $rules[$rows] = [in_array($rows, self::ROWS, true) ? 'present' : 'sometimes', 'array', 'list', 'max:'.self::MOST_ROWS];
            $rules["{$rows}.*"] = ['array', 'max:20'];
            $rules["{$rows}.*.id"] = ['required', 'string', 'max:40', 'distinct', 'regex:/^[a-z][\\w-]*$/i'];
            $rules["{$rows}.*.label"] = ['nullable', 'string', 'max:80'];
        }
        foreach (self::PARTS as $part) {
            $rules[$part] = ['nullable', 'array', 'max:20'];
        }

        return [
            ...$rules,
            'boxes.*.litres' => ['nullable', 'numeric:strict', 'min:0.5', 'max:2000'],
            'boxes.*.rides' => ['nullable', 'string', 'max:40'],
            'pieces.*.rides' => ['nullable', 'string', 'max:40'],
            'boxes.*.leaves' => ['nullable', 'integer:strict', 'between:0,99'],
            'pieces.*.leaves' => ['nullable', 'integer:strict', 'between:0,99'],
            'vehicles.*.backMin' => ['nullable', 'integer:strict', 'min:0', 'max:2879'],
            'animals.*.count' => ['nullable', 'integer:strict', 'min:1', 'max:500'],
            'animals.*.acclimationMin' => ['nullable', 'numeric:strict', 'min:0', 'max:1440'],
            'animals.*.lengthCm' => ['nullable', 'numeric:strict', 'min:0.1', 'max:200'],
            'boxes.*.warmW' => ['nullable', 'numeric:strict', 'min:0', 'max:500'],
            'pieces.*.leadDays' => ['nullable', 'numeric:strict', 'min:0', 'max:730'],
            self::LATE => ['sometimes', 'nullable', 'array:truck,leave,inside'],
            'late.*' => ['nullable', 'numeric:strict', 'min:0', 'max:1000000'],
            'vehicles.*.latePerH' => ['nullable', 'numeric:strict', 'min:0', 'max:1000000'],
            'holding.place' => ['nullable', 'string', 'max:120'],
            'planB.stops' => ['nullable', 'array', 'list', 'max:40'],
            'planB.stops.*' => ['array:stop,then'],
            'planB.stops.*.stop' => ['required', 'string', 'max:120'],
            'planB.stops.*.then' => ['nullable', 'string', 'max:200'],
            'waters.glueMin' => ['nullable', 'numeric:strict', 'min:0', 'max:2880'],
            'waters.old' => ['nullable', 'array', 'max:20'],
            'waters.fresh' => ['nullable', 'array', 'max:20'],
            'waters.limits' => ['nullable', 'array', 'max:20'],
            'ticks' => ['present', 'array', 'list', 'max:40'],
            'ticks.*' => ['string', 'max:40'],
            'beginsMin' => ['nullable', 'integer:strict', 'min:0', 'max:1439'],
            'truckBackMin' => ['nullable', 'integer:strict', 'min:0', 'max:2879'],
            'leaveByMin' => ['nullable', 'integer:strict', 'min:0', 'max:2879'],
            'insideByMin' => ['nullable', 'integer:strict', 'min:0', 'max:2879'],
            'fish' => ['nullable', 'string', 'max:10'],
        ];
    }

    /** @return array<string, mixed> */
    public function document(): array
    {
        $document = [];
        foreach ([...self::ROWS, ...self::PARTS, ...self::PLAIN, 'ticks'] as $key) {
            $document[$key] = $this->input($key);
        }
        $move = $this->route('move');
        foreach ([...self::NEWER_ROWS, self::LATE] as $key) {
            // A page from before an upgrade takes nothing away.
            $document[$key] = $this->has($key) ? $this->input($key) : ($move instanceof Move ? ($move->brief[$key] ?? []) : []);
        }

        return $document;
    }
}
