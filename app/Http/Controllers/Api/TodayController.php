<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Models\User;
use App\Progress\Today;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class TodayController
{
    public function __invoke(Request $request, #[CurrentUser] User $coach, Today $today): JsonResponse
    {
        $request->validate(['q' => ['nullable', 'string', 'max:200']]);

        return new JsonResponse($today->of($coach, trim($request->string('q')->value())));
    }
}
