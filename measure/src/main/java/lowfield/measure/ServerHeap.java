package lowfield.measure;

import com.sun.tools.attach.VirtualMachine;
import java.lang.management.ManagementFactory;
import java.lang.management.MemoryMXBean;
import java.lang.management.MemoryPoolMXBean;
import java.lang.management.MemoryType;
import java.util.List;
import javax.management.MBeanServerConnection;
import javax.management.remote.JMXConnectorFactory;
import javax.management.remote.JMXServiceURL;

/** The heap of the running server, looked at from outside through the virtual machine's own management. */
final class ServerHeap {
    private final MemoryMXBean memory;
    private final List<MemoryPoolMXBean> pools;

    private ServerHeap(MBeanServerConnection server) throws Exception {
        memory = ManagementFactory.getPlatformMXBean(server, MemoryMXBean.class);
        pools = ManagementFactory.getPlatformMXBeans(server, MemoryPoolMXBean.class).stream()
                .filter(p -> p.getType() == MemoryType.HEAP)
                .toList();
    }

    /** Of the server whose process is named by {@code LOWFIELD_SERVER_PID}. */
    static ServerHeap attached() throws Exception {
        var machine = VirtualMachine.attach(System.getenv("LOWFIELD_SERVER_PID"));
        try {
            var url = new JMXServiceURL(machine.startLocalManagementAgent());
            return new ServerHeap(JMXConnectorFactory.connect(url).getMBeanServerConnection());
        } finally {
            machine.detach();
        }
    }

    /** Megabytes in use after a collection. */
    long usedMb() {
        memory.gc();
        return memory.getHeapMemoryUsage().getUsed() >> 20;
    }

    /** Megabytes: the most since this was last asked. */
    long peakMb() {
        var peak = pools.stream().mapToLong(p -> p.getPeakUsage().getUsed()).sum();
        memory.gc();
        pools.forEach(MemoryPoolMXBean::resetPeakUsage);
        return peak >> 20;
    }
}
