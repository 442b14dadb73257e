<?php

declare(strict_types=1);

namespace App\Academy;

use App\Account\Accounts;
use App\Audit\AuditTrail;
use App\Models\AccountLink;
use App\Models\Deed;
use App\Models\Role;
use App\Models\SecretToken;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Links by which a new coach comes in, or one who has forgotten his password gets back in. Each opens once. */
final readonly class Doors
{
    /** Two on one link at once may get into each other's way; then it is tried again. */
    private const ATTEMPTS = 3;

    public function __construct(
        private Accounts $accounts,
        private AuditTrail $trail,
    ) {}

    /** @return array{AccountLink, SecretToken} told once */
    public function invite(User $lead, Role $role): array
    {
        return $this->make($lead, ['role' => $role], Deed::Invited, ['role' => $role->value]);
    }

    /** @return array{AccountLink, SecretToken} told once; what was made before for this coach opens no longer */
    public function reset(User $lead, User $coach): array
    {
        return DB::transaction(function () use ($lead, $coach): array {
            AccountLink::living()->where('coach_id', $coach->id)->update(['revoked_at' => now()]);

            return $this->make($lead, ['coach_id' => $coach->id], Deed::ResetMade, ['coach' => $coach->name]);
        }, self::ATTEMPTS);
    }

    public function find(string $token): ?AccountLink
    {
        return AccountLink::living()->where('token_hash', SecretToken::hash($token))->first();
    }

    /**
     * A new coach comes in. Of any number who try at once one gets through: whoever finds the link unused in the store itself.
     *
     * @param  array{name: string, email: string, password: string}  $of
     * @return User|null null where another was sooner
     */
    public function join(AccountLink $link, array $of): ?User
    {
        return DB::transaction(function () use ($link, $of): ?User {
            if (! self::take($link)) {
                return null;
            }
            $coach = $this->accounts->make($of, $link->academy, $link->role ?? Role::Coach);
            $this->trail->note($coach, Deed::Joined, about: ['role' => $coach->role->value]);

            return $coach;
        }, self::ATTEMPTS);
    }

    /**
     * Another password for whom the link was made for; signed out everywhere. Whoever made the link could have used it as well: the trail
     * names him, and from where it was used.
     *
     * @return User|null null where another was sooner
     */
    public function changePassword(AccountLink $link, string $password, string $from): ?User
    {
        return DB::transaction(function () use ($link, $password, $from): ?User {
            if ($link->coach === null || ! self::take($link)) {
                return null;
            }
            $this->accounts->changePassword($link->coach, $password);
            $this->trail->note($link->coach, Deed::CameInByLink, about: ['link_of' => $link->made_by ?? '', 'from' => $from]);

            return $link->coach;
        }, self::ATTEMPTS);
    }

    private static function take(AccountLink $link): bool
    {
        return AccountLink::living()->whereKey($link->id)->update(['used_at' => now()]) === 1;
    }

    /**
     * @param  array<string, mixed>  $for
     * @param  array<string, string>  $about
     * @return array{AccountLink, SecretToken}
     */
    private function make(User $lead, array $for, Deed $deed, array $about): array
    {
        $token = SecretToken::make();
        $link = AccountLink::query()->create([
            'academy_id' => $lead->academy_id,
            'made_by' => $lead->name,
            'token_hash' => $token->hash,
            'expires_at' => now()->addDays(AccountLink::DAYS),
            ...$for,
        ]);
        $this->trail->note($lead, $deed, about: $about);

        return [$link, $token];
    }
}
