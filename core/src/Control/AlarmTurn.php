<?php

declare(strict_types=1);

namespace Velbrin\Core\Control;

/** What an alarm has just done. */
enum AlarmTurn: string
{
    case Raised = 'raised';
    /** The same occurrence once more. */
    case Again = 'again';
    case Cleared = 'cleared';
}
