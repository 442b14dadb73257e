<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\Academy;
use App\Models\Role;
use App\Models\StudentShare;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Str;
use Illuminate\Validation\Rules\Password;
use Illuminate\Validation\ValidationException;

/** Accounts of coaches: made, given another password, signed out everywhere. */
final class Accounts
{
    private const SHORTEST_PASSWORD = 12;

    /** Origin: chosen by us; enough for somebody with several addresses. */
    private const TAKEN_AN_HOUR = 5;

    /** Of the old password. */
    private const TRIES_AN_HOUR = 10;

    private const HOUR_S = 3600;

    /** @return list<mixed> what a password has to be */
    public static function passwordRules(): array
    {
        return ['required', 'string', 'max:255', Password::min(self::SHORTEST_PASSWORD), new NotCommon];
    }

    /** @throws ValidationException where it is another one */
    public function demandPassword(User $coach, string $password): void
    {
        $key = "password {$coach->id}";
        abort_if(RateLimiter::tooManyAttempts($key, self::TRIES_AN_HOUR), 429);
        if (! Hash::check($password, (string) $coach->getAuthPassword())) {
            RateLimiter::hit($key, self::HOUR_S);
            throw ValidationException::withMessages(['now' => 'This is not the password there is.']);
        }
        RateLimiter::clear($key);
    }

    /** @return list<mixed> what an address has to be */
    public static function emailRules(): array
    {
        return ['required', 'string', 'email', 'max:255'];
    }

    /**
     * Nobody learns from here who has an account: a few tries an hour, and one sentence.
     *
     * @param  string  $who  asks, or by which link
     * @param  User|null  $for  whose address it may be
     *
     * @throws ValidationException where somebody else has it
     */
    public static function demandFree(string $email, string $who, ?User $for = null): void
    {
        $key = "address {$who}";
        abort_if(RateLimiter::tooManyAttempts($key, self::TAKEN_AN_HOUR), 429);
        if (User::query()->where('email', $email)->whereKeyNot($for?->id)->exists()) {
            RateLimiter::hit($key, self::HOUR_S);
            throw ValidationException::withMessages(['email' => 'This address cannot be used here. Choose another one.']);
        }
    }

    /** @return array<string, list<mixed>> what an account is made of */
    public static function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:200'],
            'email' => self::emailRules(),
            'password' => self::passwordRules(),
        ];
    }

    /**
     * @param  array{name: string, email: string, password: string}  $of
     * @param  Academy|null  $academy  null = one of his own, which he leads
     */
    public function make(array $of, ?Academy $academy = null, Role $role = Role::Lead): User
    {
        return User::query()->create([...$of, 'academy_id' => $academy?->id, 'role' => $role, 'units' => 'metric']);
    }

    /** Takes a coach over into another academy, with his students; what he shared with the coaches of the old one ends. */
    public function join(User $coach, Academy $academy, Role $role): void
    {
        DB::transaction(static function () use ($coach, $academy, $role): void {
            $students = $coach->students()->withTrashed()->select('id');
            StudentShare::query()->whereIn('student_id', $students)->orWhere('coach_id', $coach->id)->delete();
            $coach->update(['academy_id' => $academy->id, 'role' => $role]);
            DB::table('roster')->where('coach_id', $coach->id)->orWhereIn('student_id', $students)->delete();
        }, attempts: 3);
    }

    /** Another password; whoever is signed in with the old one is signed out. */
    public function changePassword(User $coach, string $password, ?string $butSession = null): void
    {
        $coach->update(['password' => $password]);
        $this->endSessions($coach, $butSession);
    }

    /** @return int sessions that were ended */
    public function endSessions(User $coach, ?string $butSession = null): int
    {
        self::forgetDevices($coach);

        return DB::table('sessions')
            ->where('user_id', $coach->id)
            ->when($butSession !== null, static fn($of) => $of->where('id', '!=', $butSession))
            ->delete();
    }

    /** The device of this session has to sign in again. */
    public function endSession(User $coach, string $id): void
    {
        self::forgetDevices($coach);
        DB::table('sessions')->where('user_id', $coach->id)->where('id', $id)->delete();
    }

    /** All that are remembered hold the same word: another one, and none is. */
    private static function forgetDevices(User $coach): void
    {
        $coach->setRememberToken(Str::random(60));
        $coach->save();
    }
}
