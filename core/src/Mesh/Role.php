<?php

declare(strict_types=1);

namespace Kavvel\Core\Mesh;

enum Role: string
{
    case Root = 'root';
    case Router = 'router';
    case End = 'end';
}
