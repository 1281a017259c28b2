<?php

declare(strict_types=1);

namespace App\Models;

/** What is written down for the owner. */
enum Logged: string
{
    case Began = 'began';
    case SignedIn = 'signed_in';
    case SignInFailed = 'sign_in_failed';
    case Added = 'added';
    case Renamed = 'renamed';
    case RoleChanged = 'role_changed';
    case Left = 'left';
    case CameBack = 'came_back';
    case CodeMade = 'code_made';
    case Joined = 'joined';
    case PasswordChanged = 'password_changed';
    case SessionsEnded = 'sessions_ended';
    case ShopChanged = 'shop_changed';
    case TokenMade = 'token_made';
    case TokenEnded = 'token_ended';
    case TimeCodeOn = 'time_code_on';
    case TimeCodeOff = 'time_code_off';
    case RecoveryUsed = 'recovery_used';
    case TookOver = 'took_over';
    case TabletEnrolled = 'tablet_enrolled';
    case TabletEnded = 'tablet_ended';
    case BenchCodeChanged = 'bench_code_changed';
    case Vouched = 'vouched';
    case Exported = 'exported';
    case Imported = 'imported';
    case KeyAccepted = 'key_accepted';
    case KeyRevoked = 'key_revoked';
    case PhotoRemoved = 'photo_removed';
    case RecordingRemoved = 'recording_removed';
    case CustomerErased = 'customer_erased';
    case PersonErased = 'person_erased';
}
