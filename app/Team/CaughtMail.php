<?php

declare(strict_types=1);

namespace App\Team;

use App\House\Database\Row;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;

/** A mail the demo kept instead of sending. */
#[UsePolicy(CaughtMailPolicy::class)]
final class CaughtMail extends Row
{
    protected $fillable = ['recipient', 'subject', 'body'];
}
