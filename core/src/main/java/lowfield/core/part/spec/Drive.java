package lowfield.core.part.spec;

import lowfield.core.part.Better;
import lowfield.core.part.Figure;
import lowfield.core.part.FigureLabel;

/** A drive: solid-state or hard disk. */
public record Drive(
        @FigureLabel(value = "type", group = "speed", essential = true)
        Figure<String> type,

        @FigureLabel(
                value = "capacity",
                unit = "GB",
                most = 1000000,
                better = Better.MORE,
                group = "size",
                essential = true)
        Figure<Integer> capacity,

        @FigureLabel(value = "form factor", group = "size", essential = true)
        Figure<String> shape,

        @FigureLabel(value = "protocol", group = "connections", essential = true)
        Figure<String> protocol,

        @FigureLabel(
                value = "PCIe generation",
                most = 9,
                brief = false,
                better = Better.MORE,
                group = "connections",
                essential = true)
        Figure<Integer> generation,

        @FigureLabel(
                value = "sequential read",
                unit = "MB/s",
                most = 100000,
                brief = false,
                better = Better.MORE,
                group = "speed")
        Figure<Integer> read,

        @FigureLabel(
                value = "sequential write",
                unit = "MB/s",
                most = 100000,
                brief = false,
                better = Better.MORE,
                group = "speed")
        Figure<Integer> write,

        @FigureLabel(value = "TBW", unit = "TB", most = 1000000, brief = false, better = Better.MORE, group = "care")
        Figure<Integer> endurance,

        @FigureLabel(value = "NAND type", brief = false, group = "care")
        Figure<String> cells,

        @FigureLabel(value = "what changed under the same name", brief = false, group = "care", onlyWhereSo = true)
        Figure<String> cellsChanged,

        @FigureLabel(value = "double-sided", brief = false, group = "size")
        Figure<Boolean> doubleSided,

        @FigureLabel(value = "heatsink", brief = false, group = "size")
        Figure<Boolean> heatsink,

        @FigureLabel(value = "warranty", unit = "years", most = 50, brief = false, better = Better.MORE, group = "care")
        Figure<Integer> warranty,

        @FigureLabel(value = "DRAM cache", brief = false, better = Better.MORE, group = "speed")
        Figure<Boolean> dramCache,

        @FigureLabel(value = "height", unit = "mm", most = 100, brief = false, better = Better.LESS, group = "size")
        Figure<Integer> height)
        implements Spec {}
