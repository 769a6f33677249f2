<?php

declare(strict_types=1);

namespace App\Team;

use App\Team\Views\DemoAccountView;

/** The demo's accounts, named at the door and by the start command. */
final class Accounts
{
    public const PASSWORD = 'tide-and-lantern';

    /** @return list<DemoAccountView> */
    public static function demo(): array
    {
        $accounts = [];
        foreach (Role::cases() as $role) {
            $user = User::query()
                ->current()
                ->where('role', $role)
                ->where('email', 'like', '%.example')
                ->orderBy('id')
                ->first();
            if ($user !== null) {
                $accounts[] = new DemoAccountView($user->name, $user->email, $role->label(), self::PASSWORD);
            }
        }

        return $accounts;
    }
}
