<?php

declare(strict_types=1);

namespace App\Academy;

use App\Account\Accounts;
use Illuminate\Foundation\Http\FormRequest;

/**
 * Name and address only of a new coach; of one who has an account, the password alone.
 *
 * @phpstan-type UseAccountLinkShape array{name?: string, email?: string, password: string}
 */
final class UseAccountLinkRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(Doors $doors): array
    {
        // A link that is gone is told by the controller, whatever was typed.
        $link = $doors->find((string) $this->route('token'));

        return match (true) {
            $link === null => [],
            $link->coach_id === null => Accounts::rules(),
            default => ['password' => Accounts::passwordRules()],
        };
    }
}
