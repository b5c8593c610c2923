package lectulum.brief.draft;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import lectulum.design.Design;
import lectulum.design.brief.Ability;
import lectulum.design.brief.Brief;
import lectulum.design.brief.Dog;
import lectulum.design.brief.Headroom;
import lectulum.design.brief.Person;
import lectulum.design.brief.Toilet;
import lectulum.design.brief.Wish;
import lectulum.kernel.bodies.Needs;
import lectulum.water.Water;

/// What a brief comes to in sizes.
///
/// @param people    who sleeps in it, the spare sleeper too
/// @param tallest   \[m\]; that of an adult where nobody travels
/// @param abilities it shall have
/// @param fresh     water for the trip \[m³\]
/// @param grey      of it that comes back \[m³\]
/// @param waste     that the toilet makes \[m³\]
record Wanted(List<Person> people, double tallest, Set<Ability> abilities, double fresh, double grey, double waste) {
    private static final double ADULT = 1.75;
    /// What a portable toilet and a cassette hold \[m³\].
    private static final double HOLDS_LITTLE = 0.012;
    private static final double HOLDS_MOST = 0.018;
    /// Nights outside that ask for heat and for moving air \[°C\], as the demands of the brief have it.
    private static final double COLD = 6;
    private static final double HOT = 22;

    static Wanted of(Design design, Plan plan) {
        Brief brief = design.brief();
        Set<Ability> abilities = EnumSet.noneOf(Ability.class);
        for (Ability a : Ability.values()) {
            if (brief.wish(a) == Wish.MUST || plan.wants() && brief.wish(a) == Wish.WANT) {
                abilities.add(a);
            }
        }
        usual(brief, abilities);
        List<Person> people = new java.util.ArrayList<>(brief.people());
        if (abilities.contains(Ability.EXTRA_SLEEPER)) {
            people.add(new Person("spare", "Guest", ADULT, 75));
        }
        double tallest = people.isEmpty() ? ADULT : people.stream().mapToDouble(Person::height).max().orElse(ADULT);
        double counted = Water.people(brief.people());
        double fresh = Water.use(brief) * brief.nights() / Water.USABLE;
        return new Wanted(List.copyOf(people), tallest, abilities, fresh,
                counted * brief.water().grey() * brief.nights(), counted * brief.toilet().waste() * brief.nights());
    }

    /// What nearly every camper has, unless it is not wanted.
    private static void usual(Brief brief, Set<Ability> abilities) {
        boolean cooks = abilities.contains(Ability.COOK_INSIDE) || abilities.contains(Ability.COOK_OUTSIDE);
        if (!cooks && brief.wish(Ability.COOK_OUTSIDE) != Wish.NOT) {
            abilities.add(Ability.COOK_OUTSIDE);
        }
        for (Ability a : List.of(Ability.COLD_FOOD, Ability.OFF_GRID, Ability.RUNNING_WATER)) {
            if (brief.wish(a) != Wish.NOT) {
                abilities.add(a);
            }
        }
        brief.travel().coldest().ifPresent(t -> {
            if (t < COLD) {
                abilities.add(Ability.HEAT);
            }
        });
        brief.travel().hottest().ifPresent(t -> {
            if (t > HOT) {
                abilities.add(Ability.AIR);
            }
        });
        if (brief.toilet() != Toilet.NONE && brief.wish(Ability.TOILET) != Wish.NOT) {
            abilities.add(Ability.TOILET);
        }
        if (brief.headroom() == Headroom.STANDING) {
            abilities.add(Ability.STAND_UP);
        }
    }

    /// The toilet that holds what the trip makes: a tank to carry away, or one that composts.
    String toilet(Taste taste) {
        return waste > HOLDS_MOST
                ? "composting-toilet"
                : waste > HOLDS_LITTLE || taste == Taste.COMFORTABLE ? "cassette-toilet-18-l" : "portable-toilet-12-l";
    }

    boolean has(Ability ability) {
        return abilities.contains(ability);
    }

    /// Length of a bed for the tallest \[m\], to whole centimetres.
    double bed(double toes) {
        return Math.ceil((tallest + Math.max(toes, 0.08)) * 100 - 1e-6) / 100;
    }

    /// Width of a bed for those of a list side by side \[m\].
    static double wide(List<Person> side, double each) {
        return side.stream().mapToDouble(
                p -> p.height() < Needs.CHILD ? Math.max(0.5, each - 0.10) : each).sum();
    }

    /// Length of floor that dogs take along the body \[m\].
    static double dogs(Brief brief) {
        return brief.dogs().stream().mapToDouble(Dog::lies).max().orElse(0);
    }
}
