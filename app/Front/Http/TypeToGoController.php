<?php

declare(strict_types=1);

namespace App\Front\Http;

use App\Front\TypeToGo;
use App\House\Http\Asked;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class TypeToGoController
{
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $request->validate(['q' => ['nullable', 'string', 'max:80']]);

        return response()->json(TypeToGo::find($user, Asked::word($request, 'q')));
    }
}
