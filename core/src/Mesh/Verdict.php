<?php

declare(strict_types=1);

namespace Kavvel\Core\Mesh;

enum Verdict: string
{
    case Accepted = 'accepted';
    case Thin = 'thin';
    case Lost = 'lost';
}
