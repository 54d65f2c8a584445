<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

/** Why a device goes to the hub that it goes to. */
enum HubReason
{
    /** No hub speaks its protocol */
    case None;

    /** The job has no other */
    case Only;

    /** A person said so */
    case Chosen;

    /** The one that opens its windows over the link */
    case OpensAlone;

    /** The one that speaks its protocol */
    case SpeaksAlone;

    /** Of those that open its windows it stands nearest */
    case NearestToOpen;

    /** Of those that speak its protocol it stands nearest */
    case NearestToSpeak;
}
