<?php

declare(strict_types=1);

namespace App\House\Http;

use App\House\RuleBook;
use Inertia\Inertia;
use Inertia\Response;

final class RuleController
{
    public function index(): Response
    {
        return Inertia::render('house/Rules', ['rules' => array_values(RuleBook::all()), 'current' => null]);
    }

    public function show(string $number): Response
    {
        $rules = RuleBook::all();
        abort_unless(isset($rules[$number]), 404);

        return Inertia::render('house/Rules', ['rules' => array_values($rules), 'current' => $number]);
    }
}
