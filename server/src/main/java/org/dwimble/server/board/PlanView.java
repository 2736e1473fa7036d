package org.dwimble.server.board;

import java.time.LocalDate;
import java.util.List;
import org.dwimble.core.plan.Besides;
import org.dwimble.core.plan.Plan;
import org.jspecify.annotations.Nullable;

/** A reveal plan. @param at number of the step the student is at, from 1; 0 without steps */
public record PlanView(List<StepView> steps, int at) {
    /**
     * @param began   the first day the student was at it; null before that
     * @param planned the day it is meant to begin; null for when ready
     * @param moves   so many words it moves
     * @param lays    so many boards it lays on another grid
     */
    public record StepView(String id, String name, @Nullable LocalDate began, @Nullable LocalDate planned, int moves, int lays) {
    }

    public static PlanView of(Plan plan) {
        return new PlanView(plan.steps().stream().map(s -> {
            Besides besides = s.besides();
            return new StepView(s.id(), s.name(), s.began(), s.planned(), besides.moves().size(), besides.grids().size());
        }).toList(), plan.at());
    }
}
