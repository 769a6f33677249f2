<?php

declare(strict_types=1);

namespace App\Team\Console;

use App\Team\Accounts;
use Illuminate\Console\Command;

final class ListAccounts extends Command
{
    protected $signature = 'velbrin:accounts';

    protected $description = 'Names the demo accounts';

    public function handle(): int
    {
        foreach (Accounts::demo() as $account) {
            $this->line(sprintf('  %-11s %-34s %s', $account->role, $account->email, $account->password));
        }

        return self::SUCCESS;
    }
}
