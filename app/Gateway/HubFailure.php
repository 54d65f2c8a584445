<?php

declare(strict_types=1);

namespace App\Gateway;

use RuntimeException;

/** What was asked of a hub did not come to anything. The message is for people. */
abstract class HubFailure extends RuntimeException {}
