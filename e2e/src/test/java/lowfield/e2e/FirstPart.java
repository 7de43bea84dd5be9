package lowfield.e2e;

import java.util.List;

/** A part that the first journey enters by hand; `slug` names its page at the shop. */
record FirstPart(String kind, String name, List<String[]> figures, String slug) {
    static final List<FirstPart> ALL = List.of(
            new FirstPart(
                    "Graphics cards",
                    "Vane Five 8 GB",
                    List.of(new String[] {"board power, W", "165"}, new String[] {"length, mm", "242"}),
                    "merrowby-vane-five-8-gb-black"),
            new FirstPart(
                    "Graphics cards",
                    "Basalt 16 GB",
                    List.of(new String[] {"board power, W", "320"}, new String[] {"length, mm", "331"}),
                    "hartle-basalt-16-gb"),
            new FirstPart(
                    "CPUs",
                    "Fennel Six",
                    List.of(new String[] {"socket", "Moor"}, new String[] {"maximum power, W", "88"}),
                    "aldane-fennel-six"),
            new FirstPart(
                    "Motherboards",
                    "Quay micro",
                    List.of(
                            new String[] {"socket", "Moor"},
                            new String[] {"form factor", "micro-ATX"},
                            new String[] {"memory generation", "DDR5"},
                            new String[] {"memory slots", "4"}),
                    "ostrand-quay-micro"),
            new FirstPart(
                    "Memory kits",
                    "Slate 2 x 8 GB",
                    List.of(new String[] {"generation", "DDR5"}, new String[] {"modules", "2"}),
                    "pellan-slate-2-x-8-gb-ddr5-5600"),
            new FirstPart(
                    "CPU coolers",
                    "120 Tower",
                    List.of(new String[] {"sockets", "Moor, Fen"}, new String[] {"height, mm", "154"}),
                    "stillmoor-120-tower"),
            new FirstPart(
                    "SSDs and hard disks",
                    "Beck 1 TB",
                    List.<String[]>of(new String[] {"capacity, GB", "1000"}),
                    "drumlin-beck-1-tb"),
            new FirstPart(
                    "Power supplies",
                    "550 Gold",
                    List.<String[]>of(new String[] {"rated power, W", "550"}),
                    "kelder-550-gold"),
            new FirstPart(
                    "Cases",
                    "Byre M",
                    List.of(
                            new String[] {"motherboard form factors", "micro-ATX"},
                            new String[] {"graphics card clearance, mm", "310"},
                            new String[] {"what the card clearance is measured with", "bare"},
                            new String[] {"CPU cooler clearance, mm", "160"}),
                    "hollowell-byre-m-black"));
}
