<?php

declare(strict_types=1);

namespace App\Models;

/** What stands in the audit trail of an academy (handbook 13.2). */
enum Deed: string
{
    /** Noted once a day for each person and student. */
    public const EACH_DAY = [self::Saw, self::SawPicture, self::Changed];

    case SignedIn = 'signed_in';
    case NotSignedIn = 'not_signed_in';
    case EmailChanged = 'email_changed';
    case Saw = 'saw';
    case SawPicture = 'saw_picture';
    case Changed = 'changed';
    case Exported = 'exported';
    case Erased = 'erased';
    case Shared = 'shared';
    case Unshared = 'unshared';
    case HandedOver = 'handed_over';
    case Invited = 'invited';
    case Joined = 'joined';
    case ResetMade = 'reset_made';
    case CameInByLink = 'came_in_by_link';
    case PasswordChanged = 'password_changed';
    case SecondFactorOn = 'second_factor_on';
    case SecondFactorOff = 'second_factor_off';
    case RoleChanged = 'role_changed';
    case Left = 'left';
    case CameBack = 'came_back';
    case SchoolsSet = 'schools_set';
    case Recalibrated = 'recalibrated';
    case LearningSwitched = 'learning_switched';
}
