<?php

declare(strict_types=1);

namespace App\Systems;

use App\House\Archives;
use App\House\Audited;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Model;
use Velbrin\Core\Chemistry\HiddenInput;
use Velbrin\Core\Chemistry\Parameter;

/** A salt, food, additive, medium or cleaner the company uses, with what it raises and lowers (X-35). */
#[UsePolicy(ProductPolicy::class)]
final class Product extends Model
{
    use Archives, Audited;

    public const KINDS = ['salt' => 'salt mix', 'food' => 'food', 'additive' => 'additive', 'medium' => 'medium', 'cleaner' => 'cleaner', 'other' => 'other'];

    protected $fillable = ['name', 'kind', 'raises', 'lowers', 'note'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['raises' => 'array', 'lowers' => 'array', 'archived_at' => 'datetime'];
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
