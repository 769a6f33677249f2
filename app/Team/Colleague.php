<?php

declare(strict_types=1);

namespace App\Team;

use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Exists;

/** Somebody of ours who is let in: who drives, answers the phone, owes a look. A client's person is never one. */
final class Colleague
{
    public static function rule(): Exists
    {
        return Rule::exists('users', 'id')->whereNull('archived_at')->whereIn('role', Role::ours());
    }
}
