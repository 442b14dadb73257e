<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Contract\Endpoint;
use App\Http\Resources\TodayResource;
use App\Models\User;
use App\Progress\Today;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;

final class TodayController
{
    /** Who needs attention, and who is to be looked at again. */
    #[Endpoint(TodayResource::class, query: ['q' => 'Part of a name.'])]
    public function __invoke(Request $request, #[CurrentUser] User $coach, Today $today): TodayResource
    {
        $request->validate(['q' => ['nullable', 'string', 'max:200']]);

        return new TodayResource($today->of($coach, trim($request->string('q')->value())));
    }
}
