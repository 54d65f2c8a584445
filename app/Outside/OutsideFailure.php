<?php

declare(strict_types=1);

namespace App\Outside;

use RuntimeException;

/** What was asked of a hub, a box or an ecosystem did not come to anything. The message is for people. */
abstract class OutsideFailure extends RuntimeException {}
