<?php

declare(strict_types=1);

namespace App\Team;

use App\House\Audited;
use App\House\Database\Row;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;

/** A public holiday of the company’s list. */
#[UsePolicy(RosterPolicy::class)]
final class Holiday extends Row
{
    use Audited;

    public $timestamps = false;

    protected $fillable = ['on', 'name'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['on' => 'immutable_date'];
    }
}
