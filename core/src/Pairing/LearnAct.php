<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

/** What is done with a key of a remote, and what came of it. */
enum LearnAct: string
{
    case PresetWorks = 'preset-works';
    case PresetFails = 'preset-fails';
    case Learnt = 'learnt';
    case Works = 'works';
    case Fails = 'fails';
}
