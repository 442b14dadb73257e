<?php

declare(strict_types=1);

namespace App\Progress;

use App\Contract\Endpoint;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Progress\AttentionGroup;

final class TodayController
{
    /** Who needs attention, and who is to be looked at again. */
    #[Endpoint(
        TodayResource::class,
        query: [
            'q' => 'Part of a name or of a cause.',
            'group' => 'Only these: slipping, retest, practice, well or inactive. Without it all but the inactive.',
            'shot' => 'Only those at work on this shot.',
            'order' => 'urgency, name or last (lesson).',
            'page' => 'From 1 on.',
        ],
    )]
    public function __invoke(Request $request, #[CurrentUser] User $coach, Today $today): TodayResource
    {
        $request->validate([
            'q' => ['nullable', 'string', 'max:200'],
            'group' => ['nullable', Rule::enum(AttentionGroup::class)],
            'shot' => ['nullable', Rule::enum(Shot::class)],
            'order' => ['nullable', Rule::in(Today::ORDERS)],
            'page' => ['nullable', 'integer', 'min:1', 'max:10000'],
        ]);

        return new TodayResource(
            $today->of(
                $coach,
                trim($request->string('q')->value()),
                $request->enum('group', AttentionGroup::class),
                $request->enum('shot', Shot::class),
                $request->string('order')->value() ?: Today::ORDERS[0],
                max(1, $request->integer('page')),
            ),
        );
    }
}
