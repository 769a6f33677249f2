<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Course;

/** What mends a course whose end breaks, beside leaving something. */
enum MendKind: string
{
    case Hands = 'hands';
    case EndMoved = 'end-moved';
    case PlanB = 'plan-b';
}
