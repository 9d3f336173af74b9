<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts\Definition;

/** A look at the seat in the car that no longer counts once something it depends on was changed. Common practice. */
enum Look
{
    /** What is set for the way of riding: path, webbing, recline, parts, slots, head and shoulder against the shell. */
    case WayOfRiding;
    /** What holds the seat, and how its length is fixed. */
    case Holding;
    case Twist;
    case Tether;
    /** How the tether runs and pulls, once it is hooked on. */
    case TetherPull;
    case Movement;
    case Recline;
    /** How it stands on the cushion and against the seat ahead. */
    case Standing;
    case VehicleBack;
    case Ground;
    case StrapHeight;
    case Straps;
    case StrapPressure;
    case CrotchStrap;
    case BeltOverChild;
    case LapPart;
    case ShoulderPart;
    case Ears;
    /** Which vest the child wears, and which way round. */
    case VestOn;
    /** How a vest sits on the child. */
    case Vest;
    /** How a vest is fixed to the bench. */
    case VestFixing;
}
