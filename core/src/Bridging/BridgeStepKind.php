<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** What a step of bridging settles. */
enum BridgeStepKind: string
{
    case NameEcosystem = 'name-ecosystem';
    case NothingWanted = 'nothing-wanted';
    case DescribeHub = 'describe-hub';
    case ChoosePolicy = 'choose-policy';
    case Buy = 'buy';
    case SayWhoseAccount = 'say-whose-account';
    case TellClient = 'tell-client';
    case Settled = 'settled';
}
