<?php

declare(strict_types=1);

namespace App\Systems;

use App\Clients\Attachment;
use App\House\Archives;
use App\House\Audited;
use App\House\Database\Row;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\MorphMany;
use Velbrin\Core\Chemistry\HiddenInput;
use Velbrin\Core\Chemistry\Parameter;

/** A salt, food, additive, medium or cleaner the company uses, with what it raises and lowers (X-35). */
#[UsePolicy(ProductPolicy::class)]
final class Product extends Row
{
    use Archives, Audited;

    public const KINDS = [
        'salt' => 'salt mix',
        'food' => 'food',
        'additive' => 'additive',
        'medium' => 'medium',
        'cleaner' => 'cleaner',
        'other' => 'other',
    ];

    protected $fillable = [
        'name',
        'kind',
        'raises',
        'lowers',
        'note',
        'instructions',
        'cautions',
        'contents',
        'packets',
        'effect',
        'open_days',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'raises' => 'array',
            'lowers' => 'array',
            'packets' => 'integer',
            'open_days' => 'integer',
            'archived_at' => 'datetime',
        ];
    }

    /** @return MorphMany<Attachment, $this> the maker's sheet */
    public function attachments(): MorphMany
    {
        return $this->morphMany(Attachment::class, 'subject');
    }

    /**
     * With the number of the sheet kept last, for its card.
     *
     * @param  Builder<self>  $query
     */
    public function scopeWithSheet(Builder $query): void
    {
        $query->addSelect([
            'products.*',
            'sheet_id' => Attachment::query()
                ->select('id')
                ->where('subject_type', 'product')
                ->whereColumn('subject_id', 'products.id')
                ->whereNull('archived_at')
                ->latest('id')
                ->limit(1),
        ]);
    }

    /** @return list<string> one caution a line */
    public static function lines(?string $text): array
    {
        return array_values(
            array_filter(array_map(trim(...), explode("\n", (string) $text)), fn (string $l): bool => $l !== ''),
        );
    }

    /** @return list<HiddenInput> */
    public function inputs(): array
    {
        $inputs = [];
        foreach ([true, false] as $raises) {
            foreach ($raises ? $this->raises : $this->lowers as $key) {
                $parameter = Parameter::tryFrom((string) $key);
                if ($parameter !== null) {
                    $inputs[] = new HiddenInput($this->name, $parameter, $raises);
                }
            }
        }

        return $inputs;
    }
}
