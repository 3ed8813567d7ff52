package oldtallow.phone.compiler;

import java.util.stream.Stream;
import oldtallow.phone.jdk.Streams;
import org.teavm.model.BasicBlock;
import org.teavm.model.ClassHolder;
import org.teavm.model.ClassHolderTransformer;
import org.teavm.model.ClassHolderTransformerContext;
import org.teavm.model.MethodDescriptor;
import org.teavm.model.MethodReference;
import org.teavm.model.Program;
import org.teavm.model.instructions.ExitInstruction;
import org.teavm.model.instructions.InvocationType;
import org.teavm.model.instructions.InvokeInstruction;
import org.teavm.vm.spi.TeaVMHost;
import org.teavm.vm.spi.TeaVMPlugin;

/** Has {@link Stream#distinct} done by {@link Streams#distinct}. */
public final class RightStreams implements TeaVMPlugin, ClassHolderTransformer {

    private static final String STREAM = "java.util.stream.impl.SimpleStreamImpl";
    private static final MethodDescriptor DISTINCT = new MethodDescriptor("distinct", Stream.class);

    @Override
    public void install(TeaVMHost host) {
        host.add(this);
    }

    @Override
    public void transformClass(ClassHolder type, ClassHolderTransformerContext context) {
        if (type.getName().equals(STREAM)) {
            type.getMethod(DISTINCT).setProgram(rightly());
        }
    }

    private static Program rightly() {
        var program = new Program();
        var call = new InvokeInstruction();
        call.setType(InvocationType.SPECIAL);
        call.setMethod(new MethodReference(Streams.class, "distinct", Stream.class, Stream.class));
        call.setArguments(program.createVariable()); // this
        call.setReceiver(program.createVariable());
        var exit = new ExitInstruction();
        exit.setValueToReturn(call.getReceiver());
        BasicBlock block = program.createBasicBlock();
        block.add(call);
        block.add(exit);
        return program;
    }
}
