package lowfield.core.part.spec;

import lowfield.core.part.Better;
import lowfield.core.part.Figure;
import lowfield.core.part.Shown;

/** A drive: solid-state or hard disk. */
public record Drive(
        @Shown(value = "type", group = "speed") Figure<String> type,

        @Shown(value = "capacity", unit = "GB", most = 1000000, better = Better.MORE, group = "size")
        Figure<Integer> capacity,

        @Shown(value = "shape", group = "size") Figure<String> shape,
        @Shown(value = "protocol", group = "connections") Figure<String> protocol,

        @Shown(value = "PCIe generation", most = 9, brief = false, better = Better.MORE, group = "connections")
        Figure<Integer> generation,

        @Shown(value = "reads", unit = "MB/s", most = 100000, brief = false, better = Better.MORE, group = "speed")
        Figure<Integer> read,

        @Shown(value = "writes", unit = "MB/s", most = 100000, brief = false, better = Better.MORE, group = "speed")
        Figure<Integer> write,

        @Shown(value = "endurance", unit = "TB", most = 1000000, brief = false, better = Better.MORE, group = "care")
        Figure<Integer> endurance,

        @Shown(value = "cells", brief = false, group = "care")
        Figure<String> cells,

        @Shown(value = "what changed under the same name", brief = false, group = "care")
        Figure<String> cellsChanged,

        @Shown(value = "double-sided", brief = false, group = "size")
        Figure<Boolean> doubleSided,

        @Shown(value = "heatsink on it", brief = false, group = "size")
        Figure<Boolean> heatsink,

        @Shown(value = "warranty", unit = "years", most = 50, brief = false, better = Better.MORE, group = "care")
        Figure<Integer> warranty,

        @Shown(value = "DRAM cache", brief = false, better = Better.MORE, group = "speed")
        Figure<Boolean> dramCache,

        @Shown(value = "height", unit = "mm", most = 100, brief = false, better = Better.LESS, group = "size")
        Figure<Integer> height)
        implements Spec {}
