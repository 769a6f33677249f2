<?php

declare(strict_types=1);

namespace App\Team\Console;

use App\Team\Role;
use App\Team\User;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Password;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\Str;

/** On a fresh server nobody can let anybody in: the first owner is made here, and chooses a password under the link it prints. */
final class MakeOwner extends Command
{
    protected $signature = 'velbrin:owner {name : as people call them} {mail : their mail address}';

    protected $description = 'Makes the first owner of a fresh server and prints the link to choose a password';

    public function handle(): int
    {
        $given = ['name' => $this->argument('name'), 'mail' => $this->argument('mail')];
        $wrong = Validator::make($given, [
            'name' => ['required', 'string', 'max:120'],
            'mail' => ['required', 'email', 'max:190', 'unique:users,email'],
        ])->errors();
        if ($wrong->isNotEmpty()) {
            $this->error($wrong->first());

            return self::FAILURE;
        }
        $owner = DB::transaction(function () use ($given): ?User {
            $owners = User::query()->current()->where('role', Role::Owner->value)->lockForUpdate();

            return $owners->exists()
                ? null
                : User::query()->create([
                    'name' => $given['name'],
                    'email' => $given['mail'],
                    'role' => Role::Owner,
                    'password' => Str::password(40),
                ]);
        });
        if ($owner === null) {
            $this->error('There is an owner already. They let others in under Settings, People.');

            return self::FAILURE;
        }
        $this->line("{$owner->name} chooses a password within an hour under");
        $this->line(
            rtrim(config()->string('app.url'), '/').'/reset-password/'.Password::createToken($owner).'?'.
                http_build_query(['email' => $owner->email]),
        );

        return self::SUCCESS;
    }
}
