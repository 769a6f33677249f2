// The water, heat and chemistry of one system, step by step, as the core plays them: the limit its time is held against. It reads the
// system and what its devices do at each step, and says how long the steps took and how the system stands at their end.
#include <math.h>
#include <stdio.h>
#include <stdlib.h>
#include <time.h>

#define BODIES 2
#define DOSERS 2

typedef struct {
    double area_m2, crest_l, rim_mm, weir_mm, drain_lh, emergency_lh, siphon_mm;
    double fixed_l, return_m2, all_m2, baffle_mm, sump_rim_mm, skimmer_mm, cup_l;
    double room_c, swing_c, humidity_pct, ua[BODIES], open_m2[BODIES], evaporation_scale;
    double alk_meq_l_day, lit_hours, fish_mg_h, community_mg_h, nitrate_mg_day, moved_m_h, still_m_h, co2_ppm;
    double store_most_l, begins_min, density, heat_j;
    double alk_per_ml[DOSERS], dic_per_meq[DOSERS], ca_per_ml[DOSERS];
} plant_t;

typedef struct {
    double over_mm, return_l, store_l, floor_l, cup_l, return_lh, drain_lh;
    double temp_c[BODIES], salt_g[BODIES], alk[BODIES], dic[BODIES], ca[BODIES], o2[BODIES], ph[BODIES], salinity[BODIES];
    double vessel_ml[DOSERS];
} state_t;

typedef struct {
    double return_lh, top_off_lh, ro_lh, skimmer_lh, moved, fanned, light, heat_w[BODIES], dose[DOSERS];
} deeds_t;

typedef struct {
    double k0, k1, k2, kb, kw, bt;
} carbon_t;

// Tables as the core fills them: constants by tenths, oxygen by hundredths of °C and of salinity.
static double c_from, s_from, o_c_from, o_s_from;
static int c_count, s_count, o_c_count, o_s_count;
static carbon_t *carbon;
static double *oxygen;

static double least(double a, double b) { return a < b ? a : b; }
static double most(double a, double b) { return a > b ? a : b; }

static double display_l(const plant_t *p, const state_t *s) { return p->crest_l + p->area_m2 * s->over_mm; }
static double sump_l(const plant_t *p, const state_t *s) { return p->fixed_l + s->return_l; }
static double litres(const plant_t *p, const state_t *s, int b) { return b ? sump_l(p, s) : display_l(p, s); }

static double saturation_kpa(double c) { return 0.61094 * exp(17.625 * c / (c + 243.04)); }

static double edge_lh(const plant_t *p, double mm) {
    double h = most(0, mm) / 1000;
    return 3.6e6 * 1.84 * most(0, p->weir_mm / 1000 - 0.2 * h) * pow(h, 1.5);
}

static const carbon_t *constants(const state_t *s, int b) {
    int c = (int)(10 * s->temp_c[b] + 0.5) - (int)c_from;
    int salinity = (int)(10 * s->salinity[b] + 0.5) - (int)s_from;
    if (c < 0 || c >= c_count || salinity < 0 || salinity >= s_count) exit(3);
    return &carbon[c * s_count + salinity];
}

static double oxygen_mg_l(const state_t *s, int b) {
    int c = (int)(100 * s->temp_c[b] + 0.5) - (int)o_c_from;
    int salinity = (int)(100 * s->salinity[b] + 0.5) - (int)o_s_from;
    if (c < 0 || c >= o_c_count || salinity < 0 || salinity >= o_s_count) exit(4);
    return oxygen[c * o_s_count + salinity];
}

static void settle(const plant_t *p, double without, double near, double most_lh, double hours, double *over, double *drained) {
    if (without <= 0) {
        *over = without;
        *drained = 0;
        return;
    }
    double low = 0, high = without, x = least(high, most(low, near));
    for (int pass = 0; pass < 60; pass++) {
        double lh = edge_lh(p, x);
        double too_much = p->area_m2 * (x - without) + least(lh, most_lh) * hours;
        if (too_much < 0) low = x;
        else high = x;
        if (fabs(too_much) < 1e-6 || high - low < 1e-10) break;
        double slope = p->area_m2 + (lh < most_lh && x > 0 ? 1.5 * lh * hours / x : 0);
        double next = x - too_much / slope;
        x = next > low && next < high ? next : (low + high) / 2;
    }
    *over = x;
    *drained = p->area_m2 * (without - x);
}

typedef struct {
    double display, sump, spread, sump_spread, leaves, sump_leaves, up, down;
} mixing_t;

static void carry(const mixing_t *m, double *amount, const double *come, const double *airs) {
    double has = amount[0] + come[0], sump_has = amount[1] + come[1];
    double own = m->spread + airs[0], sump_own = m->sump_spread + airs[1];
    double det = own * sump_own - m->up * m->down;
    amount[0] = (has * sump_own + m->up * sump_has) / det * m->display;
    amount[1] = (own * sump_has + m->down * has) / det * m->sump;
}

static void step(const plant_t *p, state_t *s, const deeds_t *d, double minute, double seconds) {
    double hours = seconds / 3600;
    double room = p->room_c + p->swing_c * cos(2 * M_PI * (minute - 900) / 1440);
    double before[BODIES] = {p->heat_j * display_l(p, s) * s->temp_c[0], p->heat_j * sump_l(p, s) * s->temp_c[1]};

    double gone[BODIES] = {0}, latent[BODIES] = {0}, air_kpa = p->humidity_pct / 100 * saturation_kpa(room);
    for (int b = 0; b < BODIES; b++) {
        if (p->open_m2[b] <= 0) continue;
        double c = least(45, most(0, s->temp_c[b]));
        double drive = most(0, 0.98 * saturation_kpa(c) - air_kpa);
        latent[b] = p->evaporation_scale * p->open_m2[b] * 1000 * drive * (0.089 + 0.0782 * (d->fanned && !b ? 1.5 : 0.1));
        gone[b] = latent[b] * 86.4 / (2500.9 - 2.365 * c) * hours / 24;
    }
    double made = d->ro_lh * hours, fresh = least(d->top_off_lh * hours, s->store_l + made);
    s->store_l += made - fresh;
    double over_store = most(0, s->store_l - p->store_most_l);
    s->store_l -= over_store;
    s->floor_l += over_store;

    double most_lh = p->drain_lh + p->emergency_lh, has = most(0, s->return_l + fresh - gone[1]), wanted = d->return_lh * hours;
    double up = wanted, over, drained;
    settle(p, s->over_mm + (up - gone[0]) / p->area_m2, s->over_mm, most_lh, hours, &over, &drained);
    if (has + drained < up) exit(5); // Its pump runs dry: not in this run.
    if (wanted <= 0 && over > -p->siphon_mm) {
        double drawn = least(0.5 * p->drain_lh * hours, p->area_m2 * (over + p->siphon_mm));
        over -= drawn / p->area_m2;
        drained += drawn;
    }
    double over_rim = most(0, p->area_m2 * (over - p->rim_mm));
    s->over_mm = over - over_rim / p->area_m2;
    s->return_l += fresh - gone[1] + drained - up;
    double to_baffle = p->baffle_mm * p->return_m2;
    double rim_l = to_baffle + (p->sump_rim_mm - p->baffle_mm) * p->all_m2;
    double sump_over = most(0, s->return_l - rim_l);
    s->return_l -= sump_over;
    double level = s->return_l <= to_baffle ? s->return_l / p->return_m2 : p->baffle_mm + (s->return_l - to_baffle) / p->all_m2;
    double boiled = d->skimmer_lh > 0 && level > p->baffle_mm + p->skimmer_mm ? least(s->return_l, 20 * hours) : 0;
    s->return_l -= boiled;
    double in_cup = least(boiled, most(0, p->cup_l - s->cup_l));
    s->cup_l += in_cup;
    s->floor_l += over_rim + sump_over + boiled - in_cup;
    s->return_lh = up / hours;
    s->drain_lh = drained / hours;

    double leaves = over_rim + gone[0], sump_leaves = sump_over + gone[1] + boiled, k = p->heat_j;
    double a = k * (display_l(p, s) + leaves) + seconds * p->ua[0] + k * drained;
    double e = k * (sump_l(p, s) + sump_leaves) + seconds * p->ua[1] + k * up;
    double right0 = before[0] + seconds * (d->heat_w[0] + p->ua[0] * room - latent[0]);
    double right1 = before[1] + seconds * (d->heat_w[1] + p->ua[1] * room - latent[1]) + k * fresh * room;
    double det = a * e - k * up * k * drained;
    s->temp_c[0] = (right0 * e + k * up * right1) / det;
    s->temp_c[1] = (a * right1 + k * drained * right0) / det;

    double alk[BODIES] = {0}, dic[BODIES] = {0}, ca[BODIES] = {0}, o2[BODIES] = {0}, o2_airs[BODIES] = {0}, dic_airs[BODIES] = {0};
    for (int n = 0; n < DOSERS; n++) {
        double ml = least(d->dose[n] * seconds / 60, s->vessel_ml[n]), meq = ml * p->alk_per_ml[n];
        s->vessel_ml[n] -= ml;
        alk[1] += meq;
        dic[1] += meq * p->dic_per_meq[n];
        ca[1] += ml * p->ca_per_ml[n];
    }
    double per_dark = p->alk_meq_l_day / (p->lit_hours + 24), nitrated = p->nitrate_mg_day * hours / 24 / 62;
    double grown = per_dark * (d->light > 0 ? 2 : 1) * hours * (display_l(p, s) + sump_l(p, s));
    grown = most(0, least(least(grown, 0.5 * s->alk[0] - nitrated), s->dic[0]));
    alk[0] -= grown + nitrated;
    dic[0] -= 0.5 * grown;
    ca[0] -= 20.04 * grown;
    double lit = d->light > 0 && p->lit_hours > 0 ? p->community_mg_h * 24 / p->lit_hours : 0;
    for (int b = 0; b < BODIES; b++) {
        double airs = hours * (b ? 0.2 * s->drain_lh + 0.3 * d->skimmer_lh
                                 : 1000 * (d->moved || s->return_lh > 0 ? p->moved_m_h : p->still_m_h) * p->area_m2);
        double net = b ? 0 : hours * (lit - p->community_mg_h - p->fish_mg_h * pow(2, (s->temp_c[0] - 25) / 10));
        o2_airs[b] = airs;
        o2[b] += airs * oxygen_mg_l(s, b) + most(-s->o2[b], net);
        const carbon_t *q = constants(s, b);
        double h = pow(10, 0.14 - s->ph[b]);
        dic_airs[b] = s->dic[b] > 0 ? 0.9 * airs * h * h / (h * h + q->k1 * (h + q->k2)) : 0;
        dic[b] += 0.9 * airs * q->k0 * p->co2_ppm * 1e-3 * p->density - net / 32;
    }
    mixing_t m = {.display = display_l(p, s), .sump = sump_l(p, s), .leaves = over_rim, .sump_leaves = sump_over + boiled,
                  .up = up, .down = drained};
    m.spread = m.display + m.leaves + drained;
    m.sump_spread = m.sump + m.sump_leaves + up;
    const double none[BODIES] = {0};
    carry(&m, s->salt_g, none, none);
    const carbon_t *constant[BODIES];
    for (int b = 0; b < BODIES; b++) {
        constant[b] = constants(s, b);
        s->salinity[b] = s->salt_g[b] / (litres(p, s, b) * p->density);
    }
    carry(&m, s->alk, alk, none);
    carry(&m, s->dic, dic, dic_airs);
    carry(&m, s->ca, ca, none);
    carry(&m, s->o2, o2, o2_airs);
    for (int b = 0; b < BODIES; b++) {
        s->o2[b] = most(0, s->o2[b]);
        const carbon_t *q = constant[b];
        double per_kg = 1 / (1000 * p->density), at = s->alk[b] / litres(p, s, b) * per_kg, ct = s->dic[b] / litres(p, s, b) * per_kg;
        double ph = s->ph[b] - 0.14;
        for (int pass = 0; pass < 4; pass++) {
            double h = pow(10, -ph), all = h * h + q->k1 * h + q->k1 * q->k2, borate = q->bt * q->kb / (q->kb + h);
            double carbonate = ct * q->k1 * (h + 2 * q->k2) / all;
            double slope = -M_LN10 * h * (ct * q->k1 * (all - (h + 2 * q->k2) * (2 * h + q->k1)) / (all * all) -
                                          borate / (q->kb + h) - q->kw / (h * h) - 1);
            double move = most(-0.5, least(0.5, (carbonate + borate + q->kw / h - h - at) / slope));
            ph -= move;
            if (fabs(move) < 5e-4) break;
        }
        s->ph[b] = most(3, least(11, ph)) + 0.14;
    }
}

static void numbers(FILE *in, double *to, size_t count) {
    for (size_t n = 0; n < count; n++)
        if (fscanf(in, "%lf", to + n) != 1) exit(2);
}

int main(int argc, char **argv) {
    FILE *in = argc > 2 ? fopen(argv[1], "r") : NULL;
    int times = argc > 2 ? atoi(argv[2]) : 0;
    plant_t p;
    state_t begun, s;
    double head[8], steps_s[2];
    if (!in || times < 1) return 2;
    numbers(in, (double *)&p, sizeof p / sizeof(double));
    numbers(in, (double *)&begun, sizeof begun / sizeof(double));
    numbers(in, head, 8);
    c_from = head[0], c_count = (int)head[1], s_from = head[2], s_count = (int)head[3];
    o_c_from = head[4], o_c_count = (int)head[5], o_s_from = head[6], o_s_count = (int)head[7];
    carbon = malloc(sizeof(carbon_t) * (size_t)(c_count * s_count));
    oxygen = malloc(sizeof(double) * (size_t)(o_c_count * o_s_count));
    numbers(in, (double *)carbon, 6 * (size_t)(c_count * s_count));
    numbers(in, oxygen, (size_t)(o_c_count * o_s_count));
    numbers(in, steps_s, 2);
    int steps = (int)steps_s[0];
    deeds_t *d = malloc(sizeof(deeds_t) * (size_t)steps);
    numbers(in, (double *)d, sizeof(deeds_t) / sizeof(double) * (size_t)steps);
    double best = INFINITY;
    for (int t = 0; t < times; t++) {
        struct timespec from, to;
        clock_gettime(CLOCK_MONOTONIC, &from);
        s = begun;
        for (int n = 0; n < steps; n++) step(&p, &s, &d[n], fmod(p.begins_min + (n + 1) * steps_s[1] / 60, 1440), steps_s[1]);
        clock_gettime(CLOCK_MONOTONIC, &to);
        best = fmin(best, (double)(to.tv_sec - from.tv_sec) * 1e3 + (double)(to.tv_nsec - from.tv_nsec) / 1e6);
    }
    printf("%.6f", best);
    for (size_t n = 0; n < sizeof s / sizeof(double); n++) printf(" %.15g", ((double *)&s)[n]);
    printf("\n");
    return 0;
}
