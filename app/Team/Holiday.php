<?php

declare(strict_types=1);

namespace App\Team;

use App\House\Audited;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Model;

/** A public holiday of the company’s list. */
#[UsePolicy(RosterPolicy::class)]
final class Holiday extends Model
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
